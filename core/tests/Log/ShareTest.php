<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Log\Beta;
use Wubbin\Core\Log\SuccessShare;

final class ShareTest extends TestCase
{
    /**
     * @return array{quantiles: array{at: list<float>, good_bad_values: list<list<float>>},
     *     beats: list<list<float>>} made by scipy, which is named in the file
     */
    private static function fixture(): array
    {
        /**
         * @var array{quantiles: array{at: list<float>, good_bad_values: list<list<float>>},
         *     beats: list<list<float>>} $fixture
         */
        $fixture = json_decode(
            (string) file_get_contents(__DIR__ . '/../fixtures/beta-scipy.json'),
            true,
            16,
            \JSON_THROW_ON_ERROR,
        );

        return $fixture;
    }

    public function testQuantilesAgreeWithAStatisticsLibrary(): void
    {
        ['at' => $at, 'good_bad_values' => $rows] = self::fixture()['quantiles'];
        self::assertNotSame([], $rows);
        foreach ($rows as $row) {
            foreach ($at as $n => $probability) {
                self::assertEqualsWithDelta(
                    $row[2 + $n],
                    (new SuccessShare((int) $row[0], (int) $row[1]))->quantile($probability),
                    1e-8,
                    sprintf('%d of %d', $row[0], $row[0] + $row[1]),
                );
            }
        }
    }

    public function testHowLikelyOneBeatsAnotherAgreesWithIt(): void
    {
        foreach (self::fixture()['beats'] as [$g, $b, $h, $c, $probability]) {
            self::assertEqualsWithDelta(
                $probability,
                (new SuccessShare((int) $g, (int) $b))->beats(new SuccessShare((int) $h, (int) $c)),
                1e-6,
            );
        }
    }

    /**
     * @return iterable<string, array{float, float, float,
     *     float}> value, a, b, probability: closed forms of the distribution
     */
    public static function closedForms(): iterable
    {
        yield 'uniform' => [0.37, 1.0, 1.0, 0.37];
        yield 'x squared' => [0.6, 2.0, 1.0, 0.36];
        yield 'one less (1 − x) cubed' => [0.2, 1.0, 3.0, 1.0 - 0.512];
        yield 'arc sine' => [0.25, 0.5, 0.5, 1.0 / 3.0];
        yield 'symmetric' => [0.5, 80.0, 80.0, 0.5];
    }

    #[DataProvider('closedForms')]
    public function testItIsTheDistributionWhereItHasAClosedForm(float $x, float $a, float $b, float $probability): void
    {
        self::assertEqualsWithDelta($probability, Beta::below($x, $a, $b), 1e-10);
    }

    /**
     * Upper 5 % points of F with 10 and 6 degrees of freedom, 4.06 (Fisher & Yates' tables, from memory), by way of
     * Beta(5, 3).
     */
    public function testATabulatedPoint(): void
    {
        $f = 4.06;
        self::assertEqualsWithDelta(0.95, Beta::below((10.0 * $f) / (6.0 + 10.0 * $f), 5.0, 3.0), 5e-4);
    }

    public function testMorePiecesNarrowIt(): void
    {
        [$from, $to] = (new SuccessShare(8, 2))->interval();
        [$nearer, $further] = (new SuccessShare(80, 20))->interval();
        self::assertGreaterThan($from, $nearer);
        self::assertLessThan($to, $further);
        self::assertSame(0.5, (new SuccessShare(0, 0))->mean(), 'nothing known');
    }

    public function testADifferenceIsOnlyToldOnceItIsSure(): void
    {
        self::assertFalse((new SuccessShare(4, 1))->surelyBeats(new SuccessShare(3, 2)));
        self::assertTrue((new SuccessShare(80, 20))->surelyBeats(new SuccessShare(55, 45)));
        self::assertFalse((new SuccessShare(55, 45))->surelyBeats(new SuccessShare(80, 20)));
    }

    public function testFewPiecesSayThatTheyAreFew(): void
    {
        self::assertTrue((new SuccessShare(3, 1))->jsonSerialize()['few']);
        self::assertFalse((new SuccessShare(4, 1))->jsonSerialize()['few']);
    }
}
