<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Tests\Orchard;

/** Which printer or pen may mark which sheet; the table is written out by hand. Common practice, no source. */
final class SheetsTest extends TestCase
{
    private const FIT = ['may' => Fit::Good, 'not' => Fit::Bad, 'harms' => Fit::Impossible];

    /** @return iterable<string, array{string, string, string, string}> */
    public static function rows(): iterable
    {
        foreach ((array) file(dirname(__DIR__) . '/fixtures/sheets.csv', \FILE_IGNORE_NEW_LINES) as $line) {
            if (!str_starts_with((string) $line, '#')) {
                [$sheet, $marking, $verdict, $word] = explode(',', (string) $line) + ['', '', '', ''];
                yield $sheet . ' ' . $marking => [$sheet, $marking, $verdict, $word];
            }
        }
    }

    #[DataProvider('rows')]
    public function testWhatMayMarkIt(string $sheet, string $marking, string $verdict, string $word): void
    {
        $catalogue = Orchard::catalogue();
        $judged = $catalogue->sheets->media[$sheet]->verdictOn($catalogue->sheets->markings[$marking]);
        self::assertSame(self::FIT[$verdict], $judged->fit, $judged->why);
        self::assertStringContainsString($word, $judged->why);
    }

    #[DataProvider('rows')]
    public function testACopyBehavesAsItsModel(string $sheet, string $marking, string $verdict, string $word): void
    {
        $catalogue = Orchard::catalogue();
        $copy = $catalogue->sheets->media[$sheet]->copiedAs(
            Record::of([
                'id' => 'own',
                'label' => 'ours',
                'paper' => 'a5',
                'thickness_mm' => 0.3,
                'print_side' => 'the blue side',
            ]),
        );
        $printer = $catalogue->sheets->markings[$marking]->copiedAs(
            Record::of(['id' => 'attic', 'label' => 'attic', 'margin_mm' => 7]),
        );
        self::assertSame(self::FIT[$verdict], $copy->verdictOn($printer)->fit);
        self::assertSame([$sheet, $marking], [$copy->like, $printer->like]);
    }

    /** What is thin needs a carrier through a printer; what is a sheet of paper or film does not. */
    public function testOnlyWhatIsThinIsFlimsy(): void
    {
        $flimsy = array_keys(
            array_filter(Orchard::catalogue()->sheets->media, static fn(Medium $medium): bool => $medium->flimsy),
        );
        sort($flimsy);
        self::assertSame(
            ['liner-letter', 'napkin-a4', 'napkin-patterned', 'tissue-a4'],
            array_values(array_diff($flimsy, ['tracing-a4'])),
        );
    }

    public function testEverySheetGoesSomeRouteAndEveryRouteHasItsSheets(): void
    {
        $catalogue = Orchard::catalogue();
        $used = array_unique(
            array_merge(
                ...array_values(array_map(static fn($route): array => $route->making->media, $catalogue->routes)),
            ),
        );
        self::assertEqualsCanonicalizing(array_keys($catalogue->sheets->media), $used);
    }

    /** A route without a sheet that some marking may mark could never be planned. */
    public function testEverySheetCanBeMarkedBySomething(): void
    {
        $catalogue = Orchard::catalogue();
        foreach ($catalogue->sheets->media as $medium) {
            $able = array_filter(
                $catalogue->sheets->markings,
                static fn($marking): bool => Fit::Good === $medium->verdictOn($marking)->fit,
            );
            self::assertNotEmpty($able, $medium->id);
        }
    }
}
