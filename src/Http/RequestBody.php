<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Serializer\Exception\MissingConstructorArgumentsException;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;
use Wubbin\Refusal\InvalidInput;

/**
 * Reads a request's body into a class of plain fields, by the framework's serializer and validator; what is wrong is
 * said in Wubbin's words. The controller asks for it after what the address names was found, so that a thing that is
 * not there is told before a field of its form.
 */
final readonly class RequestBody
{
    public function __construct(private DenormalizerInterface $serializer, private ValidatorInterface $validator) {}

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws Problem when it is not a JSON object
     * @throws InvalidInput naming the first field that is wrong
     */
    public function read(Request $request, string $class): object
    {
        $values = JsonBody::decode($request);
        try {
            $body = $this->serializer->denormalize($values, $class, 'json');
        } catch (NotNormalizableValueException $e) {
            $field = (string) $e->getPath();
            throw InvalidInput::field(
                $field,
                self::message(array_values($e->getExpectedTypes() ?? []), $values[$field] ?? null),
            );
        } catch (MissingConstructorArgumentsException $e) {
            throw InvalidInput::field($e->getMissingConstructorArguments()[0], 'This is missing.');
        }
        foreach ($this->validator->validate($body) as $violation) {
            throw InvalidInput::field($violation->getPropertyPath(), (string) $violation->getMessage());
        }

        return $body instanceof $class ? $body : throw new \LogicException('The serializer gave something else.');
    }

    /** @param list<string> $expected */
    private static function message(array $expected, mixed $value): string
    {
        return match (true) {
            null === $value => 'This is missing.',
            in_array('string', $expected, true) => 'Text is expected here.',
            in_array('bool', $expected, true) => 'Yes or no is expected here.',
            in_array('int', $expected, true) && is_float($value) => 'A whole number is expected here.',
            default => 'A number is expected here.',
        };
    }
}
