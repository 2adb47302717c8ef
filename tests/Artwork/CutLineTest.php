<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

#[Group('reading')]
final class CutLineTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    /** Round a disc that is as wide as what is seen of the picture: at 120 mm and a margin it is 2π(60 + m). */
    #[TestWith(['3 mm', 3.0])]
    #[TestWith(['1/4 in', 6.35])]
    #[TestWith(['0 mm', 0.0])]
    public function testTheLineRunsAtTheMarginThatWasTyped(string $typed, float $margin): void
    {
        $line = $this->read(
            $this->ask(
                'GET',
                '/api/artwork/' . $this->disc() . '/cut-line?width_mm=120&margin=' . rawurlencode($typed) . '&easier=0',
            ),
        );
        self::assertEqualsWithDelta(2.0 * \M_PI * (60.0 + $margin), $line->number('length_mm'), 5.0);
        self::assertSame('easy', $line->string('effort'));
    }

    public function testTheDrawingIsAtTrueSize(): void
    {
        $svg = (string) $this->ask(
            'GET',
            '/api/artwork/' . $this->disc() . '/cut-line.svg?width_mm=120&margin=5+mm&easier=0',
        )->getContent();
        self::assertSame(1, preg_match('/width="([\d.]+)mm" height="([\d.]+)mm"/', $svg, $found));
        self::assertEqualsWithDelta(130.0, (float) ($found[1] ?? 0), 1.2);
        self::assertNotFalse(simplexml_load_string($svg));
    }

    #[TestWith(['width_mm=120&margin=wide', 'margin'])]
    #[TestWith(['width_mm=120&margin=60+mm', 'margin'])]
    #[TestWith(['width_mm=120&margin=-1+mm', 'margin'])]
    #[TestWith(['width_mm=0&margin=3+mm', 'width_mm'])]
    public function testWhatCannotBeIsSaidAtItsField(string $query, string $field): void
    {
        self::assertTrue(
            $this->read($this->ask('GET', '/api/artwork/' . $this->disc() . '/cut-line?' . $query), 422)
                ->record('errors')
                ->has($field),
        );
    }

    private function disc(): string
    {
        $image = new \Imagick();
        $image->newImage(1200, 1200, 'none');
        $draw = new \ImagickDraw();
        $draw->setFillColor('#1f4d2b');
        $draw->circle(600, 600, 900, 600);
        $image->drawImage($draw);

        return $this->read($this->upload(Pictures::save($image, 'png', $this->data . '/in')), 201)->string('sha256');
    }
}
