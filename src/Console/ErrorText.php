<?php

declare(strict_types=1);

namespace Wubbin\Console;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Refusal\Refusal;

/** Says on standard error what a person at the console can act on. */
final readonly class ErrorText
{
    public static function about(\Throwable $thrown): string
    {
        if ($thrown instanceof Refusal && [] !== $thrown->errors) {
            $lines = [];
            foreach ($thrown->errors as $field => $message) {
                $lines[] = $field . ': ' . $message;
            }

            return implode("\n", $lines);
        }

        return $thrown instanceof BadRecord ? $thrown->field . ': ' . $thrown->getMessage() : $thrown->getMessage();
    }
}
