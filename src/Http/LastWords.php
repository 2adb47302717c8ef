<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Wubbin\Storage\ErrorNumber;

/** What is said where PHP itself ends a request, before the framework can: mostly where memory is exhausted. */
final class LastWords
{
    public static function listen(): void
    {
        // Kept for the moment when there is none left.
        $reserve = str_repeat(' ', 1 << 16);
        register_shutdown_function(static function () use (&$reserve): void {
            $reserve = null;
            $error = error_get_last();
            if (
                null === $error ||
                0 === ($error['type'] & (\E_ERROR | \E_CORE_ERROR | \E_COMPILE_ERROR)) ||
                headers_sent()
            ) {
                return;
            }
            $number = ErrorNumber::next();
            error_log($number . ': ' . $error['message'] . ' in ' . $error['file'] . ':' . $error['line']);
            $problem = str_contains($error['message'], 'Allowed memory size')
                ? Problem::exhausted()
                : Problem::unexpected(number: $number);
            http_response_code($problem->status);
            header('Content-Type: application/problem+json');
            echo json_encode($problem);
        });
    }
}
