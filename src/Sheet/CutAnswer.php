<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Sheet\CutSheet;

/** Cut lines as a file that a cutter's program opens. */
final readonly class CutAnswer
{
    public static function of(CutSheet $sheet, string $format, string $name): Response
    {
        $dxf = 'dxf' === $format;

        return new Response($dxf ? $sheet->dxf() : $sheet->svg(), 200, [
            'Content-Type' => $dxf ? 'application/dxf' : 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                $name . '.' . $format,
            ),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }
}
