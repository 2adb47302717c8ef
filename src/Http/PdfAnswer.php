<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\Response;

/** A PDF that the browser shows. */
final readonly class PdfAnswer
{
    /** @param string $name without its ending */
    public static function of(string $pdf, string $name): Response
    {
        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s.pdf"', $name),
        ]);
    }
}
