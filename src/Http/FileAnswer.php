<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** A file to be kept, that no browser runs. */
final readonly class FileAnswer
{
    public static function of(string $content, string $type, string $name): Response
    {
        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }
}
