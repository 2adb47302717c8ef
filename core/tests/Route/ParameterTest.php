<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Tests\Orchard;

/** Figures of the heat model are told in words wherever they are told. */
final class ParameterTest extends TestCase
{
    public function testEachHasWordsAndNoId(): void
    {
        $labels = [];
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            $case = Orchard::plan(Orchard::jobOf($route))->heatCase;
            if (null === $case) {
                continue;
            }
            $draw = Draw::middles();
            PressWindow::forCase($case, Orchard::catalogue()->heat->parameters, $draw);
            foreach ($draw->used() as $parameter) {
                $labels[$parameter->id] = $parameter->label();
            }
        }
        self::assertGreaterThan(30, count($labels));
        self::assertSame('cotton: conductivity, W/mK', $labels['cotton.k'] ?? '');
        foreach ($labels as $label) {
            self::assertDoesNotMatchRegularExpression('/[a-z][._][a-z]/', $label);
        }
        self::assertSame(count($labels), count(array_unique($labels)), 'no two have the same words');
    }
}
