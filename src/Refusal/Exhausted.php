<?php

declare(strict_types=1);

namespace Wubbin\Refusal;

/** What was asked needs more memory, time or room than Wubbin gives one piece of work. */
final class Exhausted extends Refusal
{
    private const TIME = 'This took too long, so Wubbin stopped. Make the picture smaller or simpler.';

    public static function memory(): self
    {
        return self::of(
            'This needs more memory than Wubbin gives to one piece of work. The file is not said to be damaged: make ' .
                'it smaller or simpler, and try again.',
        );
    }

    public static function time(): self
    {
        return self::of(self::TIME);
    }

    public static function room(): self
    {
        return self::of('What is made of this file gets too large, so Wubbin stopped. Make it smaller or simpler.');
    }

    public function isAboutTime(): bool
    {
        return self::TIME === $this->getMessage();
    }

    private static function of(string $message): self
    {
        return new self($message, ['file' => $message]);
    }
}
