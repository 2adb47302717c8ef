<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\PrinterOffer;

final class PrinterOfferTest extends TestCase
{
    private static function offer(): PrinterOffer
    {
        return new PrinterOffer(
            ['na_letter_8.5x11in', 'iso_a4_210x297mm', 'custom_min_89x127mm', 'custom_max_216x1200mm'],
            ['auto', 'stationery', 'photographic-glossy'],
            ['auto', 'main', 'by-pass-tray'],
            [3, 4, 5],
        );
    }

    /** Source: PWG 5101.1-2013, Media Standardized Names, from memory. */
    #[TestWith(['iso_a4_210x297mm', 210.0, 297.0])]
    #[TestWith(['na_letter_8.5x11in', 215.9, 279.4])]
    #[TestWith(['na_super-b_13x19in', 330.2, 482.6])]
    #[TestWith(['na_number-10_4.125x9.5in', 104.775, 241.3])]
    public function testANameSaysItsMeasures(string $name, float $wide, float $high): void
    {
        $size = PrinterOffer::sizeOf($name);
        self::assertNotNull($size);
        self::assertEqualsWithDelta([$wide, $high], [$size->widthMm, $size->heightMm], 0.001);
    }

    #[TestWith(['choice_iso_a4'])]
    #[TestWith([''])]
    #[TestWith(['iso_a4_0x297mm'])]
    public function testANameThatSaysNothing(string $name): void
    {
        self::assertNull(PrinterOffer::sizeOf($name));
    }

    public function testPaperIsFoundByItsSize(): void
    {
        self::assertSame('iso_a4_210x297mm', self::offer()->mediaFor(PaperSize::A4->size()));
        self::assertSame('na_letter_8.5x11in', self::offer()->mediaFor(PaperSize::Letter->size()));
        self::assertSame('custom_100x150mm', self::offer()->mediaFor(Size::mm(100.0, 150.0)));
        self::assertNull(self::offer()->mediaFor(PaperSize::A3->size()));
    }

    public function testWhatIsNotOfferedIsSaid(): void
    {
        self::assertSame([], self::offer()->lacks(PaperSize::A4->size(), 'stationery', 'main', 5));
        self::assertSame(
            [
                'This printer offers no paper of 297 × 420 mm.',
                'It no longer offers the kind of paper “back print film”.',
                'It no longer offers the tray “rear”.',
                'It no longer offers this quality.',
            ],
            self::offer()->lacks(PaperSize::A3->size(), 'back-print-film', 'rear', 7),
        );
        self::assertSame(
            [],
            (new PrinterOffer([], [], [], []))->lacks(PaperSize::A3->size(), null, null, null),
            'nothing is known of it',
        );
    }

    public function testWordsThatLeaveItToThePrinterAreNoChoice(): void
    {
        self::assertSame(['stationery', 'photographic-glossy'], self::offer()->namedTypes());
        self::assertSame(['main', 'by-pass-tray'], self::offer()->namedSources());
        self::assertSame('photographic glossy', PrinterOffer::words('photographic-glossy'));
    }
}
