<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sums;

use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class SumsApiTest extends ShopTestCase
{
    public function testASumIsWorkedInTheUnitsOfTheShop(): void
    {
        $asked = '/api/sums/round?' . http_build_query(['typed' => ['across' => '82 mm', 'round' => '']]);
        $worked = $this->read($this->ask('GET', $asked));
        $value = $worked->records('lines')[0]->record('value')->record('values')->record('length');
        self::assertEqualsWithDelta(\M_PI * 82.0, $value->number('value'), 1e-9);
        $this->read($this->ask('PATCH', '/api/settings', ['units' => 'us']));
        $sums = Record::of(json_decode((string) $this->ask('GET', '/api/sums')->getContent(), true))->each();
        self::assertSame('3 1/4 in', $sums[0]->records('fields')[0]->string('value'));
    }

    public function testWhatCannotBeIsToldAtItsFields(): void
    {
        $asked = '/api/sums/taper?' . http_build_query(['typed' => ['rim' => '0', 'foot' => '', 'height' => '-3']]);
        $response = $this->ask('GET', $asked);
        self::assertSame(422, $response->getStatusCode());
        $errors = Record::of(json_decode((string) $response->getContent(), true))->record('errors');
        self::assertSame(['rim', 'foot', 'height'], $errors->keys());
        self::assertSame(404, $this->ask('GET', '/api/sums/alchemy')->getStatusCode());
        self::assertSame(422, $this->ask('GET', '/api/sums/round?typed=82')->getStatusCode());
    }
}
