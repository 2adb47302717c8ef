<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Tests\Orchard;

/** Names that people give may hold the brackets that figures stand in; no sentence takes them for figures. */
final class PlainWordsTest extends TestCase
{
    private const ODD = 'my {width} <cover> {';

    public function testBracketsBecomeRound(): void
    {
        self::assertSame('my (width) (cover) (', Phrase::plain(self::ODD));
        self::assertSame('as it is', Phrase::plain('as it is'));
    }

    public function testAPictureMayHaveAnyName(): void
    {
        $picture = Picture::fromFile(
            str_repeat('a', 64),
            self::ODD . '.png',
            PictureKind::Raster,
            2400.0,
            1900.0,
            true,
        );
        self::assertStringStartsWith(
            'my (width) (cover) (.png, 240',
            (new UnitFormat())->phrase(Orchard::decision(Orchard::plan(picture: $picture), 'picture')->value),
        );
        $job = Orchard::job(['artwork' => ['name' => self::ODD]]);
        self::assertSame(self::ODD, $job->transfers[0]->artworkName, 'the file keeps its name');
    }

    /** @param array<string, mixed> $thing */
    #[
        TestWith([
            'media',
            [
                'id' => 'own',
                'like' => 'film-clear-a4',
                'label' => self::ODD,
                'paper' => 'a4',
                'thickness_mm' => 0.2,
                'print_side' => self::ODD,
            ],
        ]),
    ]
    #[TestWith(['markings', ['id' => 'own', 'like' => 'inkjet-dye', 'label' => self::ODD, 'margin_mm' => 5]])]
    #[TestWith(['bases', ['id' => 'own', 'like' => 'bench', 'label' => self::ODD, 'thickness_mm' => 20]])]
    #[TestWith(['guards', ['id' => 'own', 'like' => 'card', 'label' => self::ODD, 'thickness_mm' => 1]])]
    #[TestWith(['covers', ['id' => 'own', 'like' => 'parchment', 'label' => self::ODD, 'thickness_mm' => 0.1]])]
    #[TestWith(['blanks', ['id' => 'own', 'like' => 'M', 'label' => self::ODD, 'chest_mm' => 500, 'length_mm' => 720]])]
    public function testAThingOfTheShopsOwnMayHaveAnyName(string $kind, array $thing): void
    {
        $record = ['own' => [$kind => [$thing]], $kind => ['own']] + Orchard::shelf()->toRecord();
        $job = match ($kind) {
            'blanks' => Orchard::job(['blank' => ['size' => 'own']]),
            'covers' => Orchard::jobOf('dark-film'),
            default => Orchard::job(),
        };
        $plan = Orchard::plan($job, shelf: Shelf::fromRecord(Record::of($record), Orchard::catalogue()));
        $format = new UnitFormat();
        $ticket = implode(
            ' ',
            array_map(
                static fn(Decision $d): string => $format->phrase($d->value) . ' ' . $format->phrase($d->because),
                $plan->decisions,
            ),
        );
        self::assertStringContainsStringIgnoringCase('my (width) (cover) (', $ticket);
    }

    public function testARecipeAndAnIronMayHaveAnyName(): void
    {
        $recipe = Recipe::fromRecord(
            Record::of([
                'id' => 'r',
                'name' => self::ODD,
                'route' => 'light-film',
                'print_side' => self::ODD,
                'note' => self::ODD,
            ]),
            Orchard::catalogue(),
        );
        $iron = [
            'id' => 'own',
            'label' => self::ODD,
            'kind' => 'iron',
            'plate_width_mm' => 115,
            'plate_length_mm' => 210,
            'dots' => 3,
            'steam' => false,
        ];
        $shelf = Shelf::fromRecord(
            Record::of(['heat' => [$iron]] + Orchard::shelf()->toRecord()),
            Orchard::catalogue(),
        );
        $plan = Orchard::plan(shelf: $shelf, house: new House(recipes: [$recipe]));
        self::assertSame(
            'my (width) (cover) (, version 1',
            (new UnitFormat())->phrase(Orchard::decision($plan, 'recipe')->value),
        );
        self::assertStringStartsWith('My (width)', (new UnitFormat())->phrase(Orchard::decision($plan, 'heat')->value));
    }
}
