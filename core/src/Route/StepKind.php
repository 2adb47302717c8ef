<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** What a step is, in the trade's words. */
enum StepKind: string
{
    case Flatten = 'flatten';
    case Carrier = 'carrier';
    case Print = 'print';
    case Look = 'look';
    case Draw = 'draw';
    case Dry = 'dry';
    case Cut = 'cut';
    case Sand = 'sand';
    case Clean = 'clean';
    case Ready = 'ready';
    case Prepress = 'prepress';
    case Place = 'place';
    case Wrap = 'wrap';
    case Tack = 'tack';
    case Heat = 'heat';
    case Burnish = 'burnish';
    case Turn = 'turn';
    case Set = 'set';
    case Cool = 'cool';
    case Peel = 'peel';
    case Quench = 'quench';
    case Soak = 'soak';
    case Rub = 'rub';
    case Film = 'film';
    case Fuse = 'fuse';
    case Coat = 'coat';
    case Wait = 'wait';
    case TouchUp = 'touch-up';
    case Compare = 'compare';
    case Off = 'off';

    /** What is done, in a word or two. */
    public function label(): string
    {
        return match ($this) {
            self::Carrier => 'make the carrier',
            self::Look => 'check the print',
            self::Dry => 'let it dry',
            self::Ready => 'prepare',
            self::Prepress => 'press flat',
            self::Place => 'lay the sheet',
            self::Wrap => 'wrap',
            self::Tack => 'fix',
            self::Burnish => 'rub',
            self::Turn => 'turn over',
            self::Set => 'let it set',
            self::Cool => 'let it cool',
            self::Quench => 'cool down',
            self::Rub => 'rub the paper off',
            self::Film => 'wipe',
            self::Fuse => 'warm',
            self::Wait => 'let the coat dry',
            self::TouchUp => 'touch up',
            self::Off => 'switch off',
            default => $this->value,
        };
    }

    /** Of pictures that are pressed in one go, these are done for each; the rest is done for all of them together. */
    public function forEachPicture(): bool
    {
        return in_array($this, [self::Draw, self::Cut, self::Place, self::Wrap, self::Peel], true);
    }

    /**
     * Usually done where the heat is, with the pieces that go under it at once; the rest is done to a whole lot before
     * or after.
     */
    public function atHeat(): bool
    {
        return in_array(
            $this,
            [self::Prepress, self::Place, self::Tack, self::Heat, self::Burnish, self::Turn, self::Set, self::Fuse],
            true,
        );
    }

    /** Done to the sheet, and not to the piece that it goes onto. */
    public function concernsSheet(): bool
    {
        return in_array(
            $this,
            [self::Flatten, self::Carrier, self::Print, self::Look, self::Draw, self::Dry, self::Cut],
            true,
        );
    }

    /** What a sheet is made by, up to the moment that it lies there printed and looked at. */
    public function makesPrint(): bool
    {
        return in_array($this, [self::Flatten, self::Carrier, self::Print, self::Look], true);
    }

    /** Heat is given to sheet or piece: its source is on. */
    public function heats(): bool
    {
        return in_array($this, [self::Prepress, self::Tack, self::Heat, self::Fuse], true);
    }

    /** Waiting keeps nobody's hands busy. */
    public function waits(): bool
    {
        return in_array($this, [self::Dry, self::Cool, self::Soak, self::Wait], true);
    }
}
