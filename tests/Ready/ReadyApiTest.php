<?php

declare(strict_types=1);

namespace Wubbin\Tests\Ready;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Slice;
use Wubbin\Storage\FileStore;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

final class ReadyApiTest extends ShopTestCase
{
    private const WORDS = [
        'do' => 'words',
        'text' => 'Quillet Lane',
        'face' => 'slab',
        'colour' => '#1b3a2a',
        'largest_mm' => '14 mm',
        'smallest_mm' => 5,
        'lines' => 1,
        'align' => 'middle',
        'arch' => 0,
        'where' => 'below',
        'room_width_mm' => '20 cm',
        'room_height_mm' => 24,
        'gap_mm' => 4,
    ];

    /** @param list<array<string, mixed>> $steps */
    private function look(array $steps, int $status = 200): Record
    {
        return $this->read(
            $this->ask('POST', '/api/jobs/crew/ready/look', ['transfer' => 0, 'steps' => $steps]),
            $status,
        );
    }

    /** @param list<array<string, mixed>> $steps */
    private function made(array $steps): Record
    {
        $answer = $this->ask('POST', '/api/jobs/crew/ready', ['transfer' => 0, 'steps' => $steps]);
        if (202 === $answer->getStatusCode()) {
            $id = $this->read($answer, 202)->string('id');
            $this->service(TaskQueue::class)->workOnNext('test');

            return $this->read($this->ask('GET', '/api/tasks/' . $id))->record('result');
        }

        return $this->read($answer, 201);
    }

    /** @param array<string, string> $changes */
    private function change(array $changes, int $status = 200): Record
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');

        return $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => $changes,
                'transfer' => 0,
            ]),
            $status,
        );
    }

    private static function image(Record $look): \Imagick
    {
        $image = new \Imagick();
        $image->readImageBlob((string) base64_decode(explode(',', $look->string('image'))[1], true));

        return $image;
    }

    /** @return iterable<string, array{list<array<string, mixed>>}> */
    public static function everyStep(): iterable
    {
        $all = [...self::steps()];

        // Making one in full takes seconds.
        return Slice::isWhole() ? $all : array_intersect_key($all, ['solid' => 1, 'words' => 1]);
    }

    /** @return iterable<string, array{list<array<string, mixed>>}> */
    private static function steps(): iterable
    {
        $colour = ['colour' => '#8c2f2f'];
        yield 'crop' => [[['do' => 'crop', 'x' => 0.1, 'y' => 0.1, 'width' => 0.6, 'height' => 0.7]]];
        yield 'turn' => [[['do' => 'turn', 'degrees' => 12]]];
        yield 'square' => [
            [
                [
                    'do' => 'square',
                    'paper' => 'a4',
                    'corners' => [
                        ['x' => 0.1, 'y' => 0.1],
                        ['x' => 0.9, 'y' => 0.15],
                        ['x' => 0.95, 'y' => 0.9],
                        ['x' => 0.05, 'y' => 0.85],
                    ],
                ],
            ],
        ];
        yield 'tone' => [[['do' => 'tone', 'brightness' => 10, 'contrast' => 20, 'grey' => true]]];
        yield 'solid' => [[['do' => 'solid', 'level' => 55]]];
        yield 'colours' => [[['do' => 'colours', 'count' => 4]]];
        yield 'fatten' => [[['do' => 'fatten', 'mm' => '0.8 mm']]];
        yield 'fill' => [[['do' => 'fill', 'mm' => 3]]];
        yield 'clear' => [[['do' => 'clear', 'tolerance' => 5]]];
        yield 'words' => [[self::WORDS]];
        yield 'frame' => [[['do' => 'frame', 'line_mm' => 1, 'gap_mm' => 4] + $colour]];
        yield 'band' => [
            [
                [
                    'do' => 'band',
                    'length_mm' => 260,
                    'line_mm' => 5,
                    'gap_mm' => 4,
                    'above' => true,
                    'below' => true,
                ] + $colour,
            ],
        ];
        yield 'back' => [[['do' => 'back', 'picture' => null, 'width_mm' => 250, 'height_mm' => 250] + $colour]];
        yield 'pattern' => [
            [
                [
                    'do' => 'repeat',
                    'columns' => 2,
                    'rows' => 2,
                    'across_mm' => 250,
                    'down_mm' => 210,
                    'staggered' => true,
                    'closes' => false,
                ],
            ],
        ];
    }

    /**
     * What is looked at is what is made: its place, and its pixels but for edges.
     *
     * @param list<array<string, mixed>> $steps
     */
    #[DataProvider('everyStep')]
    public function testEachStepIsMadeAsItWasShownAndTakenBack(array $steps): void
    {
        $this->readyJob();
        $before = $this->read($this->ask('GET', '/api/jobs/crew'))->record('job');
        $look = $this->look($steps);
        $made = $this->made($steps);
        $after = $this->change(['ready' => $made->string('ready')]);
        $placed = $after->record('plan')->records('transfers')[0]->record('placed');
        $box = $look->record('placed');
        // What is clear all round is no part of the picture: it can only have become smaller.
        self::assertLessThanOrEqual($box->number('width_mm') + 0.5, $placed->number('width_mm'));
        self::assertGreaterThanOrEqual($box->number('x_mm') - 0.5, $placed->number('x_mm'));
        self::assertGreaterThanOrEqual($box->number('y_mm') - 0.5, $placed->number('y_mm'));
        $shown = self::image($look);
        $kept = new \Imagick('png:' . $this->service(FileStore::class)->path($made->string('sha256'), 'preview.png'));
        $pixels = $shown->getImageWidth() / $box->number('width_mm');
        $shown->cropImage(
            (int) round($placed->number('width_mm') * $pixels),
            (int) round($placed->number('height_mm') * $pixels),
            (int) round(($placed->number('x_mm') - $box->number('x_mm')) * $pixels),
            (int) round(($placed->number('y_mm') - $box->number('y_mm')) * $pixels),
        );
        $shown->setImagePage(0, 0, 0, 0);
        $kept->resizeImage($shown->getImageWidth(), $shown->getImageHeight(), \Imagick::FILTER_BOX, 1.0);
        foreach ([$shown, $kept] as $image) {
            $image->setImageBackgroundColor('white');
            $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        }
        self::assertLessThan(0.03, $shown->compareImages($kept, \Imagick::METRIC_MEANABSOLUTEERROR)[1]);
        $back = $this->change(['ready' => ''])->record('job');
        self::assertSame(
            $before->records('transfers')[0]->record('artwork')->string('sha256'),
            $back->records('transfers')[0]->record('artwork')->string('sha256'),
        );
        self::assertEqualsWithDelta(
            $before->records('transfers')[0]->record('placement')->number('side_mm'),
            $back->records('transfers')[0]->record('placement')->number('side_mm'),
            0.01,
        );
    }

    public function testWhatWasDoneIsUndoneAndRedone(): void
    {
        $this->readyJob();
        $made = $this->made([self::WORDS]);
        $done = (string) $this->ask('PATCH', '/api/jobs/crew', [
            'revision' => $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision'),
            'changes' => ['ready' => $made->string('ready')],
            'transfer' => 0,
        ])->headers->get('Undo');
        $sha256 = fn(): string => $this->read($this->ask('GET', '/api/jobs/crew'))
            ->record('job')
            ->records('transfers')[0]
            ->record('artwork')
            ->string('sha256');
        self::assertSame($made->string('sha256'), $sha256());
        $undo = fn(string $header): string => (string) $this->ask(
            'POST',
            sprintf('/api/changes/%d/undo', (int) $header),
        )->headers->get('Undo');
        $again = $undo($done);
        self::assertNotSame($made->string('sha256'), $sha256());
        // What takes the undo back does it again.
        $undo($again);
        self::assertSame($made->string('sha256'), $sha256());
    }

    public function testStepsOfOneJobAreNoneOfAnother(): void
    {
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/copy', ['id' => 'other']), 201);
        $this->change(['ready' => $this->made([['do' => 'solid', 'level' => 60]])->string('ready')]);
        $other = $this->read($this->ask('GET', '/api/jobs/other'))->record('job')->records('transfers')[0];
        self::assertFalse($other->has('made'));
        self::assertNotSame(
            $this->read($this->ask('GET', '/api/jobs/crew'))
                ->record('job')
                ->records('transfers')[0]
                ->record('artwork')
                ->string('sha256'),
            $other->record('artwork')->string('sha256'),
        );
    }

    public function testAJobFileTakesItsFirstPictureAlong(): void
    {
        $this->readyJob();
        $this->change(['ready' => $this->made([self::WORDS])->string('ready')]);
        $file = Record::of(json_decode((string) $this->ask('GET', '/api/jobs/crew/export')->getContent(), true));
        $made = $file->records('transfers')[0]->record('made');
        self::assertSame($made->string('of'), hash('sha256', (string) base64_decode($made->string('embedded'), true)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'nothing is left' => [['do' => 'solid', 'level' => 1], 'steps.0.level'];
        yield 'cropped to nothing' => [
            ['do' => 'crop', 'x' => 0, 'y' => 0, 'width' => 0, 'height' => 0],
            'steps.0.crop',
        ];
        yield 'no length' => [['do' => 'fatten', 'mm' => 'thick'], 'steps.0.mm'];
        yield 'no such picture' => [
            [
                'do' => 'join',
                'picture' => str_repeat('0', 64),
                'where' => 'below',
                'width_mm' => 20,
                'gap_mm' => 2,
                'aspect' => 1,
            ],
            'steps.0.picture',
        ];
        yield 'nothing said' => [['text' => ''] + self::WORDS, 'steps.0.text'];
    }

    /** @param array<string, mixed> $step */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAtItsField(array $step, string $field): void
    {
        $this->readyJob();
        self::assertTrue(
            $this->look([$step], 422)
                ->record('errors')
                ->has($field),
        );
    }

    public function testLettersAreToldBeforeTheyArePrinted(): void
    {
        $this->readyJob();
        $words = $this->look([['text' => 'Ro'] + self::WORDS, ['text' => '龍 R'] + self::WORDS])->records('words');
        self::assertSame([[], ['龍']], array_map(static fn(Record $one): array => $one->strings('missing'), $words));
        self::assertSame([true, true], array_map(static fn(Record $one): bool => $one->boolean('legible'), $words));
        $small = ['largest_mm' => 1, 'smallest_mm' => 1] + self::WORDS;
        self::assertFalse(
            $this->look([$small])
                ->records('words')[0]
                ->boolean('legible'),
        );
    }

    public function testTwoPicturesAreOnOnePrint(): void
    {
        $this->readyJob();
        $other = $this->read(
            $this->upload(self::PROJECT . '/demo/artwork/apple-wheel.png', 'apple-wheel.png'),
            201,
        )->string('sha256');
        $step = [
            'do' => 'join',
            'picture' => $other,
            'where' => 'right',
            'width_mm' => 60,
            'gap_mm' => 5,
            'aspect' => 1,
        ];
        $after = $this->change(['ready' => $this->made([$step])->string('ready')]);
        self::assertEqualsWithDelta(
            240.0 + 65.0,
            $after->record('plan')->records('transfers')[0]->record('placed')->number('width_mm'),
            2.0,
        );
    }

    public function testOneMayBeginWithWords(): void
    {
        $this->readyJob();
        $empty = $this->read($this->ask('POST', '/api/artwork/words'), 201)->string('sha256');
        $this->change(['artwork' => $empty]);
        $made = $this->made([['where' => 'over', 'gap_mm' => 10] + self::WORDS]);
        $after = $this->change(['ready' => $made->string('ready')]);
        self::assertTrue($after->record('plan')->records('transfers')[0]->boolean('printable'));
    }
}
