<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Stack;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Route\Face;
use Wubbin\Core\Route\Hatch;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Stack\Layer;
use Wubbin\Core\Stack\Stack;
use Wubbin\Core\Tests\Orchard;

/** Mirroring follows from what the printed face looks at (common practice, no source; it is plain geometry). */
final class StackTest extends TestCase
{
    public function testAPrintedFaceAgainstTheBlankIsMirrored(): void
    {
        $stack = self::stack(
            [LayerRole::Heat, null],
            [LayerRole::Medium, Face::Down],
            [LayerRole::Blank, null],
            [LayerRole::Base, null],
        );
        self::assertTrue($stack->mirrored());
        self::assertSame(LayerRole::Blank, $stack->seenByPrintedFace()?->role);
    }

    public function testAPrintedFaceThatLooksAwayIsPrintedAsItReads(): void
    {
        $stack = self::stack(
            [LayerRole::Heat, null],
            [LayerRole::Medium, Face::Up],
            [LayerRole::Blank, null],
            [LayerRole::Base, null],
        );
        self::assertFalse($stack->mirrored());
        self::assertSame(LayerRole::Heat, $stack->seenByPrintedFace()?->role);
    }

    public function testHeatedFromBelowTheSameRuleHolds(): void
    {
        $stack = self::stack([LayerRole::Blank, null], [LayerRole::Medium, Face::Up], [LayerRole::Heat, null]);
        self::assertTrue($stack->mirrored());
    }

    public function testWithNothingPrintedNothingIsMirrored(): void
    {
        self::assertNull(self::stack([LayerRole::Heat, null], [LayerRole::Blank, null])->seenByPrintedFace());
        self::assertFalse(self::stack([LayerRole::Heat, null], [LayerRole::Blank, null])->mirrored());
    }

    /** The order of trade.md's light-film: ink down on the shirt, card inside, cotton cloth over a hard board. */
    public function testClearFilmLiesInkDownWithAGuardInsideOnAHardBoard(): void
    {
        $stack = Orchard::plan()->arrangement->stack;
        self::assertSame(
            ['heat', 'medium', 'blank', 'guard', 'blank', 'cloth', 'base'],
            array_map(static fn(Layer $l): string => $l->role->value, $stack->layers),
        );
        self::assertSame('shirt front', $stack->seenByPrintedFace()?->label);
        self::assertTrue($stack->mirrored());
    }

    /** @param array{LayerRole, Face|null} ...$layers */
    private static function stack(array ...$layers): Stack
    {
        return new Stack(
            array_map(
                static fn(array $l): Layer => new Layer($l[0], $l[0]->value, null, 1.0, Hatch::Plain, $l[1]),
                array_values($layers),
            ),
        );
    }
}
