<?php

declare(strict_types=1);

namespace Wubbin\Tests\Words;

use PHPUnit\Framework\TestCase;

/** Each screen of the page has one file of help, with three sentences and a drawing. */
final class HelpScreensTest extends TestCase
{
    private const HELP = __DIR__ . '/../../web/src/help/';

    public function testEachFileHasThreeSentencesAndADrawing(): void
    {
        $files = self::files();
        self::assertGreaterThan(30, count($files));
        foreach ($files as $name => $text) {
            preg_match('/export const says = \[(.*?)\];/s', $text, $says);
            preg_match_all("/'((?:[^'\\\\]|\\\\.)+)'|\"([^\"]+)\"/", $says[1] ?? '', $sentences);
            self::assertCount(3, $sentences[0], $name);
            foreach ($sentences[0] as $sentence) {
                self::assertMatchesRegularExpression('/[.]["\']$/', $sentence, $name);
            }
            self::assertMatchesRegularExpression('/export const Drawing = /', $text, $name);
        }
    }

    /** An address of the page leads to a file that is there, and no file is there for nothing. */
    public function testEachAddressHasAFile(): void
    {
        preg_match_all("#\[/(.+?)/, '([a-z-]+)'\]#", (string) file_get_contents(self::HELP . 'screens.ts'), $screens);
        self::assertSame([], array_diff($screens[2], array_keys(self::files())));
        self::assertSame([], array_diff(array_keys(self::files()), $screens[2]));
        preg_match_all('/<Route path="([^"*]+)"/', (string) file_get_contents(self::HELP . '../app/App.tsx'), $routes);
        self::assertGreaterThan(30, count($routes[1]));
        // What has the whole screen has no help beside it.
        foreach ($routes[1] as $route) {
            $address = (string) preg_replace('/:\w+/', 'x', $route);
            $fits = array_filter(
                $screens[1],
                static fn(string $of): bool => 1 === preg_match('#' . str_replace('\/', '/', $of) . '#', $address),
            );
            self::assertNotSame([], $fits, $route);
        }
    }

    /** @return array<string, string> by screen */
    private static function files(): array
    {
        $files = [];
        foreach ((array) glob(self::HELP . 'screens/*.tsx') as $file) {
            $files[basename((string) $file, '.tsx')] = (string) file_get_contents((string) $file);
        }

        return $files;
    }
}
