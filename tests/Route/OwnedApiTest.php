<?php

declare(strict_types=1);

namespace Wubbin\Tests\Route;

use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** What people own, tapped on an empty shelf, and what it makes. */
final class OwnedApiTest extends ShopTestCase
{
    public function testFourTapsMakeAShelfThatMakesShirts(): void
    {
        self::assertCount(0, $this->read($this->ask('GET', '/api/possible'))->records('open'));
        foreach (
            ['iron' => 'three', 'inkjet' => 'dye', 'film-clear' => 'a4', 'wood-board' => 'yes']
            as $id => $answer
        ) {
            $this->tap($id, [$answer]);
        }
        $open = [];
        foreach ($this->possible()->records('open') as $way) {
            $open[] = $way->string('blank') . ' ' . $way->string('route');
        }
        self::assertContains('shirt light-film', $open);
        $iron = $this->read($this->ask('GET', '/api/shelf'))->records('heat')[0];
        self::assertTrue($iron->boolean('assumed'));
    }

    /** Measuring takes the place of what was assumed. */
    public function testWhoMeasuresMarksItSo(): void
    {
        $this->tap('iron', ['three']);
        $body = ['id' => 'iron-household', 'label' => 'my iron', 'kind' => 'iron', 'dots' => 3, 'steam' => true];
        $this->read(
            $this->ask('POST', '/api/shelf/heat', $body + ['typed' => ['width' => '110 mm', 'length' => '20 cm']]),
            201,
        );
        $iron = $this->read($this->ask('GET', '/api/shelf'))->records('heat')[0];
        self::assertFalse($iron->has('assumed'));
        self::assertSame(200.0, $iron->number('plate_length_mm'));
        $this->tap('iron', []);
        self::assertCount(1, $this->read($this->ask('GET', '/api/shelf'))->records('heat'), 'what was measured stays');
    }

    public function testAnAnswerThatIsNotOfferedIsRefused(): void
    {
        self::assertSame(422, $this->ask('PUT', '/api/owned/iron', ['answers' => ['five']])->getStatusCode());
        self::assertSame(422, $this->ask('PUT', '/api/owned/iron', ['answers' => 'three'])->getStatusCode());
        self::assertSame(404, $this->ask('PUT', '/api/owned/anvil', ['answers' => []])->getStatusCode());
    }

    /** A laser and iron-on film: why they clash, and what one purchase would open. */
    public function testWhatDoesNotGoTogetherIsTold(): void
    {
        foreach (['iron' => 'three', 'laser-mono' => 'mono', 'film-clear' => 'a4'] as $id => $answer) {
            $this->tap($id, [$answer]);
        }
        $possible = $this->possible();
        self::assertSame([], $possible->records('open'));
        self::assertStringContainsString('melts the film', $possible->strings('clashes')[0]);
        $more = array_column(
            array_map(static fn(Record $m): array => $m->raw(), $possible->records('one_more')),
            null,
            'owned',
        );
        self::assertSame([60, 200], [$more['inkjet']['from'], $more['inkjet']['to']]);
        self::assertContains('light-film', array_column((array) $more['inkjet']['opens'], 'route'));
    }

    public function testASheetIsRecognisedByAnswers(): void
    {
        $found = $this->read($this->ask('GET', '/api/recognise?answers=peels:white'));
        self::assertSame('film-opaque', $found->records('fitting')[0]->string('id'));
        self::assertNull($found->recordOrNull('next'));
        $open = $this->read($this->ask('GET', '/api/recognise?answers='));
        self::assertNotNull($open->recordOrNull('next'));
        self::assertSame(422, $this->ask('GET', '/api/recognise?answers=peels:gold')->getStatusCode());
    }

    public function testEveryBlankHasAPortrait(): void
    {
        $kinds = array_map(
            static fn(Record $one): string => $one->string('kind'),
            Record::of(json_decode((string) $this->ask('GET', '/api/blanks')->getContent(), true))->each(),
        );
        $known = array_map(
            static fn(Record $one): string => $one->string('id'),
            $this->read($this->ask('GET', '/api/catalogue'))->records('blanks'),
        );
        self::assertSame([], array_diff($known, $kinds));
    }

    /** @param list<string> $answers */
    private function tap(string $id, array $answers): void
    {
        $this->read($this->ask('PUT', '/api/owned/' . $id, ['answers' => $answers]));
    }

    private function possible(): Record
    {
        return $this->read($this->ask('GET', '/api/possible'));
    }
}
