<?php

declare(strict_types=1);

namespace Wubbin\Contract;

use OpenApi\Analysis;
use OpenApi\Annotations as OA;
use OpenApi\Context;
use OpenApi\Generator;
use OpenApi\Processors\ProcessorInterface;

/**
 * Describes what a class says by its types, so that each field is written once: public properties of a class that is
 * marked as a schema are its fields, all of them required unless it says otherwise. An attribute of a property's own
 * is only for what its type does not tell.
 */
final readonly class TypedProperties implements ProcessorInterface
{
    public function __invoke(Analysis $analysis): void
    {
        /** @var list<OA\Schema> $schemas */
        $schemas = $analysis->getAnnotationsOfType(OA\Schema::class, true);
        foreach ($schemas as $schema) {
            if (null === $schema->_context) {
                continue;
            }
            $class = $schema->_context->class;
            if (null !== $class && !$schema->_context->is('nested') && Generator::isDefault($schema->properties)) {
                $name = $schema->_context->fullyQualifiedName($class);
                if (class_exists($name)) {
                    $this->describe($analysis, $schema, new \ReflectionClass($name));
                }
            }
        }
    }

    /** @param \ReflectionClass<object> $class */
    private function describe(Analysis $analysis, OA\Schema $schema, \ReflectionClass $class): void
    {
        $types = $this->documented($class);
        $described = [];
        /** @var list<OA\Property> $properties */
        $properties = $analysis->getAnnotationsOfType(OA\Property::class);
        foreach ($properties as $property) {
            $of = $property->_context;
            if (
                null !== $of &&
                $of->fullyQualifiedName((string) $of->class) === '\\' . $class->name &&
                !$of->is('nested')
            ) {
                $described[$property->property] = $property;
            }
        }
        $names = [];
        foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $field) {
            $names[] = $field->name;
            $property = $described[$field->name] ?? null;
            if (null === $property) {
                $context = new Context(
                    ['property' => $field->name, 'generated' => true, 'comment' => ''],
                    $schema->_context,
                );
                $property = new OA\Property(['property' => $field->name, '_context' => $context]);
                $analysis->addAnnotation($property, $context);
                $schema->merge([$property], true);
            }
            $unsaid =
                Generator::isDefault($property->type) ||
                ('array' === $property->type && Generator::isDefault($property->items));
            if (Generator::isDefault($property->ref) && $unsaid) {
                $this->type($property, $types[$field->name] ?? (string) $field->getType(), $class);
            }
        }
        if (Generator::isDefault($schema->required) && [] !== $names) {
            $schema->required = $names;
        }
    }

    /** @param \ReflectionClass<object> $class */
    private function type(OA\Schema $property, string $type, \ReflectionClass $class): void
    {
        $type = trim($type);
        if (str_starts_with($type, '?') || str_ends_with($type, '|null')) {
            $property->nullable = true;
            $type = str_starts_with($type, '?') ? substr($type, 1) : substr($type, 0, -5);
        }
        $tuple = '/^array\{(\w+)(?:, \1)*\}$/';
        if (
            1 === preg_match('/^(?:non-empty-)?list<(.+)>$/s', $type, $found) ||
            1 === preg_match($tuple, $type, $found)
        ) {
            $property->type = 'array';
            $items = new OA\Items(['_context' => new Context(['generated' => true], $property->_context)]);
            $this->type($items, $found[1], $class);
            $property->items = $items;
        } elseif (1 === preg_match('/^array\{(\s*\w+\??:.+)\}$/s', $type, $found)) {
            $this->shape($property, $found[1], $class);
        } elseif (1 === preg_match('/^array<string, (.+)>$/s', $type, $found)) {
            $property->type = 'object';
            if ('mixed' === $found[1]) {
                $property->additionalProperties = true;
            } else {
                $values = new OA\AdditionalProperties([
                    '_context' => new Context(['generated' => true], $property->_context),
                ]);
                $this->type($values, $found[1], $class);
                $property->additionalProperties = $values;
            }
        } else {
            $this->simple($property, $type, $class);
        }
    }

    /**
     * Entries of an array shape, with commas between.
     *
     * @param \ReflectionClass<object> $class
     */
    private function shape(OA\Schema $property, string $entries, \ReflectionClass $class): void
    {
        $property->type = 'object';
        $property->properties = $property->required = [];
        preg_match_all(
            '/\s*(\w+)(\??):\s*((?:[^,<{]|(<(?:[^<>]|(?4))*>|\{(?:[^{}]|(?4))*\}))+)/',
            $entries,
            $found,
            \PREG_SET_ORDER,
        );
        foreach ($found as [, $name, $optional, $type]) {
            $context = new Context(['generated' => true, 'nested' => $property, 'comment' => ''], $property->_context);
            $entry = new OA\Property(['property' => $name, '_context' => $context]);
            $this->type($entry, $type, $class);
            $property->properties[] = $entry;
            if ('' === $optional) {
                $property->required[] = $name;
            }
        }
    }

    /** @param \ReflectionClass<object> $class */
    private function simple(OA\Schema $property, string $type, \ReflectionClass $class): void
    {
        $plain = match (true) {
            'float' === $type => 'number',
            'bool' === $type => 'boolean',
            'string' === $type, str_ends_with($type, '-string') => 'string',
            'int' === $type, str_starts_with($type, 'int<') => 'integer',
            default => null,
        };
        if (null !== $plain) {
            $property->type = $plain;

            return;
        }
        $name = $this->resolved((string) preg_replace('/^value-of<(\w+)>$/', '$1', $type), $class);
        if (is_subclass_of($name, \BackedEnum::class)) {
            $property->type = 'string';
            $property->enum = array_map(static fn(\BackedEnum $case): int|string => $case->value, $name::cases());
        } elseif (
            class_exists($name) &&
            [] !== (new \ReflectionClass($name))->getAttributes(\OpenApi\Attributes\Schema::class)
        ) {
            $property->ref = '#/components/schemas/' . (new \ReflectionClass($name))->getShortName();
        } elseif (class_exists($name) && null !== ($written = $this->written($name))) {
            // What a class of the core is written as, its own comment says.
            $this->type($property, $written, new \ReflectionClass($name));
        } else {
            throw new \LogicException(sprintf('%s: nothing is known of the type %s.', $class->name, $type));
        }
    }

    /**
     * A class as it is written in the file of another.
     *
     * @param \ReflectionClass<object> $class
     */
    private function resolved(string $type, \ReflectionClass $class): string
    {
        if (class_exists($type) || enum_exists($type)) {
            return $type;
        }
        $source = (string) file_get_contents((string) $class->getFileName());
        if (1 === preg_match('/^use ([\w\\\\]+\\\\' . preg_quote($type, '/') . ');/m', $source, $found)) {
            return $found[1];
        }

        return $class->getNamespaceName() . '\\' . $type;
    }

    /** The type that a class is written as, from the comment of its jsonSerialize. */
    private function written(string $name): ?string
    {
        if (!is_subclass_of($name, \JsonSerializable::class)) {
            return null;
        }
        $comment = (string) (new \ReflectionMethod($name, 'jsonSerialize'))->getDocComment();
        $comment = (string) preg_replace('/^\s*\* ?/m', '', $comment);

        return 1 === preg_match('/@return\s+(array(\{(?:[^{}]|(?2))*\}))/s', $comment, $found) ? $found[1] : null;
    }

    /**
     * @param \ReflectionClass<object> $class
     *
     * @return array<string, string> types by field, where the constructor's comment says more than PHP can
     */
    private function documented(\ReflectionClass $class): array
    {
        $comment = (string) $class->getConstructor()?->getDocComment();
        $comment = (string) preg_replace('/^\s*\* ?/m', '', $comment);
        preg_match_all('/@param\s+(\S+(?:<(?:[^<>]|<[^<>]*>)*>)?\S*)\s+\$(\w+)/', $comment, $found, \PREG_SET_ORDER);

        $types = array_column($found, 1, 2);
        foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $field) {
            if (1 === preg_match('/@var\s+(.+?)\s*\*\//s', (string) $field->getDocComment(), $said)) {
                $types[$field->name] = $said[1];
            }
        }

        return $types;
    }
}
