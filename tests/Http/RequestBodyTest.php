<?php

declare(strict_types=1);

namespace Wubbin\Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Request;
use Wubbin\Http\Problem;
use Wubbin\Http\RequestBody;
use Wubbin\Log\NewLook;
use Wubbin\Order\OrderRepeat;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Sheet\NewOffcut;
use Wubbin\Shelf\ShelfThing;
use Wubbin\Tests\Support\ShopTestCase;

final class RequestBodyTest extends ShopTestCase
{
    public function testAPlainBodyBecomesItsClass(): void
    {
        $look = $this->body('{"washes": 12, "good": false, "note": "faded", "other": 1}', NewLook::class);

        self::assertEquals(new NewLook(12, false, 'faded'), $look);
    }

    public function testAWholeNumberIsAlsoANumber(): void
    {
        $offcut = $this->body('{"medium": "film", "width_mm": 120, "height_mm": 80.5}', NewOffcut::class);

        self::assertSame([120.0, 80.5], [$offcut->width_mm, $offcut->height_mm]);
    }

    #[TestWith(['{"good": true, "note": ""}', 'washes', 'This is missing.'])]
    #[TestWith(['{"washes": null, "good": true, "note": ""}', 'washes', 'This is missing.'])]
    #[TestWith(['{"washes": "3", "good": true, "note": ""}', 'washes', 'A number is expected here.'])]
    #[TestWith(['{"washes": 3.5, "good": true, "note": ""}', 'washes', 'A whole number is expected here.'])]
    #[TestWith(['{"washes": 3, "good": 1, "note": ""}', 'good', 'Yes or no is expected here.'])]
    #[TestWith(['{"washes": 3, "good": true, "note": ["a"]}', 'note', 'Text is expected here.'])]
    #[TestWith(['[]', 'washes', 'This is missing.'])]
    public function testWhatIsWrongIsSaidAtItsField(string $json, string $field, string $message): void
    {
        self::assertSame([$field => $message], $this->refusal($json, NewLook::class)->errors);
    }

    public function testAChoiceIsOneOfThoseOffered(): void
    {
        $json = '{"kind": "pets", "id": "cat", "has": true}';

        self::assertSame(['kind' => 'Choose one of those offered.'], $this->refusal($json, ShelfThing::class)->errors);
    }

    public function testAnIdIsPlain(): void
    {
        self::assertSame(['id'], array_keys($this->refusal('{"id": "../x", "due": ""}', OrderRepeat::class)->errors));
    }

    #[TestWith(['{'])]
    #[TestWith(['3'])]
    public function testWhatIsNoObjectIsUnreadable(string $json): void
    {
        $this->expectException(Problem::class);
        $this->body($json, NewLook::class);
    }

    /** @param class-string $class */
    private function refusal(string $json, string $class): InvalidInput
    {
        try {
            $this->body($json, $class);
        } catch (InvalidInput $e) {
            return $e;
        }
        self::fail('It was taken.');
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function body(string $json, string $class): object
    {
        return $this->service(RequestBody::class)->read(Request::create('/', 'POST', content: $json), $class);
    }
}
