<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\PlainNumber;

final class PlainNumberTest extends TestCase
{
    #[TestWith(['24', 24.0])]
    #[TestWith([' 2,5 ', 2.5])]
    #[TestWith(['19 %', 19.0])]
    #[TestWith(['0', 0.0])]
    #[TestWith(['100', 100.0])]
    #[TestWith(['100.001', null])]
    #[TestWith(['-1', null])]
    #[TestWith(['1e2', null])]
    #[TestWith(['1.2345', null])]
    #[TestWith(['', null])]
    #[TestWith(['some', null])]
    public function testANumberAsTyped(string $typed, ?float $number): void
    {
        self::assertSame($number, PlainNumber::read($typed, 100.0));
    }
}
