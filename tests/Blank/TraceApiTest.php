<?php

declare(strict_types=1);

namespace Wubbin\Tests\Blank;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** Blanks measured from a photo, through the interface that the page uses. */
final class TraceApiTest extends ShopTestCase
{
    /** Straight from above, two pixels to a millimetre: an A4 sheet and a piece of 500 × 400 mm round it. */
    private const CORNERS = '290 53 710 53 710 647 290 647';
    private const POINTS = '0 0 1000 0 1000 800 0 800';

    private function photo(): string
    {
        $image = new \Imagick();
        $image->newImage(1000, 800, '#8a6b4a');
        $image->writeImage('jpeg:' . $this->data . '/photo.jpg');
        $copy = $this->data . '/upload.jpg';
        copy($this->data . '/photo.jpg', $copy);

        return $this->read(
            $this->ask('POST', '/api/photos?to_measure=1', file: new UploadedFile($copy, 'photo.jpg', test: true)),
            201,
        )->string('sha256');
    }

    /**
     * @param array<string, mixed> $over
     *
     * @return array<string, mixed>
     */
    private function marks(array $over = []): array
    {
        return $over + [
            'photo' => $this->photo(),
            'paper' => 'a4',
            'other_way' => false,
            'mirrored' => false,
            'overscan' => '1 cm',
            'corners' => self::CORNERS,
            'points' => self::POINTS,
        ];
    }

    public function testMarksAreMeasuredWithHowFarTheyMayBeOff(): void
    {
        $traced = $this->read($this->ask('POST', '/api/trace', $this->marks()));
        self::assertEqualsWithDelta(500.0, $traced->number('width_mm'), 0.1);
        self::assertEqualsWithDelta(400.0, $traced->number('height_mm'), 0.1);
        self::assertEqualsWithDelta(200_000.0, $traced->number('area_mm2'), 200.0);
        self::assertGreaterThan(0.5, $traced->number('width_off_mm'));
        self::assertLessThan(20.0, $traced->number('far_off_mm'));
    }

    /** @param array<string, mixed> $over */
    #[TestWith([['photo' => 'none'], 'photo'])]
    #[TestWith([['paper' => 'tablecloth'], 'paper'])]
    #[TestWith([['overscan' => 'a lot'], 'overscan'])]
    #[TestWith([['overscan' => '2 m'], 'overscan'])]
    #[TestWith([['corners' => '290 53 710 647 710 53 290 647'], 'corners'])]
    #[TestWith([['corners' => '0 0 300 0 600 0 900 0'], 'corners'])]
    #[TestWith([['corners' => '290 53 1710 53 710 647 290 647'], 'corners'])]
    #[TestWith([['corners' => '290 53'], 'corners'])]
    #[TestWith([['points' => '0 0 1000 800 1000 0 0 800'], 'points'])]
    #[TestWith([['points' => '0 0 10 10'], 'points'])]
    public function testMarksThatTellNothingAreRefusedAtTheirField(array $over, string $field): void
    {
        self::assertTrue(
            $this->read($this->ask('POST', '/api/trace', $this->marks($over)), 422)->record('errors')->has($field),
        );
    }

    public function testATracedPieceIsKeptPlannedForAndDrawnAtTrueSize(): void
    {
        $id = $this->readyJob();
        $piece = [
            'id' => 'our-apron',
            'like' => 'apron',
            'label' => 'Our apron',
            'sides' => ['front' => $this->marks()],
        ];
        $shelf = $this->read($this->ask('POST', '/api/shelf/traced', $piece), 201);
        self::assertContains('our-apron', $shelf->strings('blanks'));
        self::assertTrue(
            $this->read($this->ask('POST', '/api/shelf/traced', ['label' => ' '] + $piece), 422)
                ->record('errors')
                ->has('label'),
        );

        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $view = $this->read(
            $this->ask('PATCH', '/api/jobs/' . $id, [
                'revision' => $revision,
                'changes' => ['kind' => 'apron', 'size' => 'our-apron'],
                'transfer' => 0,
            ]),
        );
        $blank = $view->record('plan')->records('transfers')[0]->record('blank');
        self::assertEqualsWithDelta(500.0, $blank->number('width_mm'), 0.1);
        self::assertSame(10.0, $blank->number('overscan_mm'));

        $svg = simplexml_load_string(
            (string) $this->ask('GET', '/api/shelf/blanks/our-apron/outline.svg')->getContent(),
        );
        self::assertNotFalse($svg);
        self::assertEqualsWithDelta(
            520.0,
            (float) rtrim((string) $svg['width'], 'm'),
            0.2,
            'the edge and 10 mm on either side',
        );
        self::assertEqualsWithDelta(420.0, (float) rtrim((string) $svg['height'], 'm'), 0.2);
        self::assertSame(
            (float) rtrim((string) $svg['width'], 'm'),
            (float) explode(' ', (string) $svg['viewBox'])[2],
            'a unit is a millimetre',
        );
    }

    public function testFrontAndBackAreKeptTogether(): void
    {
        $both = ['front' => $this->marks(), 'back' => $this->marks(['points' => '0 0 900 0 900 800 0 800'])];
        $this->read(
            $this->ask('POST', '/api/shelf/traced', [
                'id' => 'tunic',
                'like' => 'M',
                'label' => 'Tunic',
                'sides' => $both,
            ]),
            201,
        );
        $svg = simplexml_load_string((string) $this->ask('GET', '/api/shelf/blanks/tunic/outline.svg')->getContent());
        self::assertNotFalse($svg);
        self::assertCount(2, $svg->g ?? []);
        self::assertSame(404, $this->ask('GET', '/api/shelf/blanks/XL/outline.svg')->getStatusCode());
    }

    public function testAPocketIsTypedInAndToldOfAtItsField(): void
    {
        $shirt = [
            'kind' => 'blanks',
            'id' => 'pocketed',
            'like' => 'M',
            'label' => 'Pocketed',
            'typed' => [
                'chest' => '50 cm',
                'length' => '72 cm',
                'print_width' => '',
                'print_height' => '30 cm',
                'print_drop' => '',
            ],
        ];
        $pocket = [
            'label' => 'pocket',
            'side' => 'front',
            'right' => '95 mm',
            'below' => '14 cm',
            'width' => '11 cm',
            'height' => '13 cm',
            'hole' => 'no',
        ];
        $own = $this->read($this->ask('POST', '/api/shelf/own', $shirt + ['zones' => [$pocket]]), 201)
            ->record('own')
            ->records('blanks')[0];
        self::assertSame(300.0, $own->number('print_height_mm'));
        self::assertSame(140.0, $own->records('zones')[0]->number('below_mm'));
        $errors = $this->read(
            $this->ask('POST', '/api/shelf/own', $shirt + ['zones' => [['label' => '', 'width' => 'wide'] + $pocket]]),
            422,
        )->record('errors');
        self::assertTrue($errors->has('zone0.label'));
        self::assertTrue($errors->has('zone0.width'));
    }

    /** @param array<string, string> $typed */
    #[TestWith([['rim_diameter' => '28 cm round', 'foot_diameter' => '6 cm', 'height' => '11 cm'], null])]
    #[TestWith([['rim_diameter' => '0', 'foot_diameter' => '6 cm', 'height' => '11 cm'], 'rim_diameter'])]
    #[TestWith([['rim_diameter' => '8 cm', 'foot_diameter' => '8 cm', 'height' => '11 cm'], 'foot_diameter'])]
    #[TestWith([['rim_diameter' => '8 cm', 'foot_diameter' => '', 'height' => '11 cm'], 'foot_diameter'])]
    public function testATaperedPieceIsToldByItsTwoEnds(array $typed, ?string $wrong): void
    {
        $answer = $this->ask('POST', '/api/shelf/own', [
            'kind' => 'blanks',
            'id' => 'cup',
            'like' => 'mug-tapered',
            'label' => 'Cup',
            'typed' => $typed,
        ]);
        if (null === $wrong) {
            self::assertEqualsWithDelta(
                280.0 / \M_PI,
                self::own($this->read($answer, 201))->number('rim_diameter_mm'),
                1e-9,
            );
        } else {
            self::assertTrue($this->read($answer, 422)->record('errors')->has($wrong));
        }
    }

    private static function own(Record $shelf): Record
    {
        return $shelf->record('own')->records('blanks')[0];
    }
}
