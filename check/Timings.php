<?php

declare(strict_types=1);

namespace Wubbin\Check;

/** What tests took, as their runners wrote it down (JUnit's XML). */
final readonly class Timings
{
    /** @param array<string, float> $tests seconds of each, by its name in full */
    private function __construct(public array $tests) {}

    /** @param list<string> $files those that are not there tell nothing */
    public static function read(array $files): self
    {
        $tests = [];
        foreach (array_filter($files, is_file(...)) as $file) {
            $document = new \DOMDocument();
            if (!@$document->load($file, \LIBXML_PARSEHUGE)) {
                continue;
            }
            foreach ($document->getElementsByTagName('testcase') as $case) {
                $class = $case->getAttribute('class');
                $name =
                    ('' === $class ? $case->getAttribute('classname') : $class) . ': ' . $case->getAttribute('name');
                $tests[$name] = (float) $case->getAttribute('time');
            }
        }
        arsort($tests);

        return new self($tests);
    }

    /** @return array<string, float> seconds by class or file */
    public function classes(): array
    {
        $classes = [];
        foreach ($this->tests as $name => $seconds) {
            $class = explode(': ', $name)[0];
            $classes[$class] = ($classes[$class] ?? 0.0) + $seconds;
        }

        return $classes;
    }
}
