<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Id;

final class IdTest extends TestCase
{
    #[TestWith(['wheel-shirts'])]
    #[TestWith(['0b7f9a52-1f0e-4c63-9d55-0f6f8f1d2c3a'])]
    #[TestWith(['7up'])]
    #[TestWith(['A_1'])]
    public function testAnIdIsSomethingToBeFoundBy(string $id): void
    {
        self::assertTrue(Id::holds($id));
        self::assertSame($id, Id::mended($id));
    }

    #[TestWith([''])]
    #[TestWith(['0'])]
    #[TestWith(['12'])]
    #[TestWith(['a/b'])]
    #[TestWith(['..'])]
    #[TestWith(['-a'])]
    #[TestWith(["a\n"])]
    #[TestWith(["a\0"])]
    #[TestWith(['ä'])]
    public function testNothingElseIsOneAndEachIsMendedToOne(string $text): void
    {
        self::assertFalse(Id::holds($text));
        self::assertTrue(Id::holds(Id::mended($text)), Id::mended($text));
        self::assertSame(Id::mended($text), Id::mended($text));
    }

    public function testTwoNamesAreNeverMendedToOne(): void
    {
        self::assertNotSame(Id::mended('a/b'), Id::mended('a b'));
        self::assertSame(Id::mended('0'), Id::mended(0), 'PHP has made a number of it');
        self::assertFalse(Id::holds(str_repeat('a', 65)));
        self::assertTrue(Id::holds(Id::mended(str_repeat('a', 65))));
    }

    /** Common knowledge of PHP: digits alone become a number when they are a key. */
    public function testAnIdStaysTextAsAKey(): void
    {
        foreach (['7up', '0-', '00x', 'x0'] as $id) {
            self::assertTrue(Id::holds($id));
            self::assertSame($id, array_key_first([$id => 1]));
        }
    }
}
