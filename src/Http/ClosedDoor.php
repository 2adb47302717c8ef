<?php

declare(strict_types=1);

namespace Wubbin\Http;

/** What a stranger sees who comes in from another machine without the shop's key. */
final class ClosedDoor
{
    /** Where the link leads, with the key behind it. */
    public const LINK = '/open/';

    public const HOW = 'Open the link, or scan the code, that Wubbin printed when it was started.';

    public static function page(string $why): string
    {
        return sprintf(
            '<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">' .
                '<title>Wubbin</title><body style="font:1.1rem/1.5 sans-serif;max-width:34rem;margin:3rem auto;' .
                'padding:0 1rem"><h1>This shop is closed to strangers</h1><p>%s %s</p></body></html>',
            $why,
            self::HOW,
        );
    }
}
