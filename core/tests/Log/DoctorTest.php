<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Log;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Doctor;
use Wubbin\Core\Log\OwnWords;
use Wubbin\Core\Tests\Orchard;

final class DoctorTest extends TestCase
{
    /** Of the cases of the trade, this share must agree in their first cause. */
    private const AGREES = 0.85;

    /**
     * Cases of the trade: common practice, no source.
     *
     * @return list<array<string, string>>
     */
    private static function cases(): array
    {
        $rows = array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line, escape: '')), explode("\n", trim((string) file_get_contents(__DIR__.'/../fixtures/doctor-cases.csv'))));
        $head = array_shift($rows);

        return array_map(static fn (array $row): array => array_combine($head, $row), $rows);
    }

    public function testTheDoctorAgreesWithTheTrade(): void
    {
        $missed = [];
        $cases = self::cases();
        foreach ($cases as $case) {
            $found = self::ask($case['route'], $case['symptom'], $case['where'], $case['what was done']);
            if (($found[0] ?? '') !== $case['expected first cause']) {
                $missed[] = sprintf('%s: %s, expected %s', $case['case'], implode(' / ', array_slice($found, 0, 2)), $case['expected first cause']);
            }
        }
        self::assertCount(46, $cases);
        self::assertSame([], $missed, 'every miss is listed here');
        self::assertGreaterThanOrEqual(self::AGREES, 1.0 - count($missed) / count($cases));
    }

    /** @return list<string> causes, the likeliest first */
    private static function ask(string $route, string $symptom, string $where, string $done): array
    {
        $catalogue = Orchard::catalogue();
        $defect = OwnWords::defect($symptom);
        self::assertNotNull($defect, $symptom);

        return array_column((new Doctor($catalogue))->diagnose(new Complaint($catalogue->routes[$route], $defect, OwnWords::place($where), OwnWords::done($done))), 'cause');
    }
}
