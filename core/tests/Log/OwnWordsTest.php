<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\OwnWordsReader;
use Wubbin\Core\Log\Place;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Mark;

final class OwnWordsTest extends TestCase
{
    #[TestWith(['the edge has lifted', Defect::LiftedEdge])]
    #[TestWith(['a corner came up again', Defect::LiftedEdge])]
    #[TestWith(['Tiny BUBBLES under it', Defect::Bubble])]
    #[TestWith(['it came out pale', Defect::Pale])]
    #[TestWith(['upside down', Defect::WrongWayRound])]
    #[TestWith(['yellow marks from the iron', Defect::Scorch])]
    #[TestWith(['did not stick at all', Defect::NotBonded])]
    #[TestWith(['a whitish haze stays on it', Defect::Veil])]
    #[TestWith(['cracked after two washes', Defect::Crack])]
    #[TestWith(['the candle sagged', Defect::MeltedShape])]
    #[TestWith(['the sheet jammed', Defect::Jam])]
    public function testWhatIsSeen(string $words, Defect $defect): void
    {
        self::assertSame($defect, OwnWordsReader::builtIn()->defects($words)[0] ?? null);
    }

    public function testWhatIsNotUnderstoodIsNotGuessed(): void
    {
        self::assertSame([], OwnWordsReader::builtIn()->defects('hm'));
        self::assertSame([], OwnWordsReader::builtIn()->done('we were in a hurry')->known());
    }

    #[TestWith(['lower left corner', Place::Corner])]
    #[TestWith(['along the right edge', Place::Edge])]
    #[TestWith(['one spot in the middle', Place::Spot])]
    #[TestWith(['everywhere', Place::All])]
    public function testWhere(string $words, Place $place): void
    {
        self::assertSame($place, OwnWordsReader::builtIn()->place($words));
    }

    /** @return iterable<string, array{string, string, string|float|bool|null}> */
    public static function done(): iterable
    {
        yield 'seconds' => ['12 s an area; hard board', Done::DWELL, 12.0];
        yield 'minutes' => ['pressed 2 min in all', Done::DWELL, 120.0];
        yield 'drying is no dwell' => ['dried 5 min, 18 s an area', Done::DWELL, 18.0];
        yield 'drying' => ['dried only 1 min', Done::DRIED, 60.0];
        yield 'coats are no dwell' => ['3 coats 15 min apart', Done::DWELL, null];
        yield 'coats' => ['two wax coats; uneven', Done::COATS, 2.0];
        yield 'washes' => ['washed twice', Done::WASHES, 2.0];
        yield 'Fahrenheit' => ['400 F for 60 s', Done::CELSIUS, (400.0 - 32.0) / 1.8];
        yield 'Celsius' => ['204 °C 25 s', Done::CELSIUS, 204.0];
        yield 'soft' => ['on the ironing board', Done::BASE, 'soft'];
        yield 'hard' => ['on a wood board', Done::BASE, 'hard'];
        yield 'pressure' => ['light pressure', Done::PRESSURE, 'light'];
        yield 'peel' => ['peeled hot', Done::PEELED, 'hot'];
        yield 'twice' => ['file and driver mirrored', Done::MIRRORED, 'both'];
        yield 'never' => ['file not mirrored', Done::MIRRORED, 'none'];
        yield 'steam' => ['steam on', Done::STEAM, true];
        yield 'no steam' => ['no steam, tank empty', Done::STEAM, false];
        yield 'no guard' => ['nothing inside', Done::GUARD, false];
        yield 'guard' => ['card inside', Done::GUARD, true];
        yield 'no lint roll' => ['no lint roll', Done::LINT_ROLLED, false];
        yield 'lint roll' => ['lint rolled twice', Done::LINT_ROLLED, true];
        yield 'greasy' => ['not degreased', Done::CLEANED, false];
        yield 'clean' => ['degreased with alcohol', Done::CLEANED, true];
        yield 'water' => ['cold water straight away', Done::WATER, 'cold'];
        yield 'hot water' => ['hot water first, then cold water', Done::WATER, 'hot'];
        yield 'slid' => ['the sheet slid while hot', Done::MOVED, true];
        yield 'printer' => ['printed on a laser printer', Done::TECHNOLOGY, 'laser'];
        yield 'cloth' => ['a cotton shirt', Done::MATERIAL, 'cotton-jersey'];
        yield 'still' => ['heat gun held still', Done::STILL, true];
    }

    #[DataProvider('done')]
    public function testWhatWasDone(string $words, string $what, string|float|bool|null $value): void
    {
        $known = OwnWordsReader::builtIn()->done($words)->known()[$what] ?? null;
        is_float($value) ? self::assertEqualsWithDelta($value, $known, 1e-9) : self::assertSame($value, $known);
    }

    /** @param list<array{float, float}> $at */
    #[TestWith([[], Place::All])]
    #[TestWith([[[0.5, 0.5]], Place::Spot])]
    #[TestWith([[[0.03, 0.5]], Place::Edge])]
    #[TestWith([[[0.03, 0.97]], Place::Corner])]
    #[TestWith([[[0.2, 0.2], [0.8, 0.2], [0.2, 0.8]], Place::All])]
    #[TestWith([[[0.3, 0.2], [0.3, 0.4], [0.3, 0.8]], Place::Side])]
    public function testMarksOnThePictureTellWhere(array $at, Place $place): void
    {
        self::assertSame(
            $place,
            Place::of(...array_map(static fn(array $p): Mark => Mark::forDefect(Defect::MissedPatch, ...$p), $at)),
        );
    }
}
