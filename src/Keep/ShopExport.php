<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\PrivateDetails;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Job\StoredJob;
use Wubbin\Log\LogCsv;
use Wubbin\Log\LogFilter;
use Wubbin\Measure\SettingsStore;
use Wubbin\Route\RecipeStore;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Stock\StockCsv;

/** The whole shop in the open formats: what anybody can read without Wubbin, and Wubbin can take in again. */
final readonly class ShopExport
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ShelfStore $shelf,
        private RecipeStore $recipes,
        private StockCsv $stock,
        private LogCsv $log,
        private SettingsStore $settings,
        private PrivateDetails $details,
        private Catalogue $catalogue,
        private ClockInterface $clock,
    ) {}

    public function write(ByteSink $to): void
    {
        $tar = new TarWriter($to, $this->clock->now()->getTimestamp());
        $tar->text('shelf.json', self::json($this->shelf->get()->toRecord()));
        $tar->text('settings.json', self::json($this->settings->get()->toRecord()));
        foreach ($this->recipes->newest() as $stored) {
            $tar->text('recipes/' . $stored->id . '.json', self::json($stored->recipe($this->catalogue)->toRecord()));
        }
        foreach ($this->entities->getRepository(StoredJob::class)->findBy([], ['id' => 'ASC']) as $stored) {
            $tar->text('jobs/' . $stored->id . '.json', self::json(JobFile::write($stored->job())));
        }
        $this->table($tar, 'stock.csv', function ($file): void {
            $this->stock->write($file, Currency::of($this->settings->get()->currency));
        });
        $this->table($tar, 'logbook.csv', function ($file): void {
            $this->log->write(LogFilter::all(), $file);
        });
        foreach ($this->entities->getRepository(Artwork::class)->findBy([], ['sha256' => 'ASC']) as $artwork) {
            $path = $this->details->storedWithout($artwork->sha256);
            if (is_file($path)) {
                $tar->file('pictures/' . $artwork->sha256 . self::ending($artwork), $path, static function (
                    int $bytes,
                ): void {});
            }
        }
        $tar->close();
    }

    /** @param \Closure(resource): void $write */
    private function table(TarWriter $tar, string $name, \Closure $write): void
    {
        $file = fopen('php://temp', 'w+');
        if (false === $file) {
            throw new \RuntimeException('Nothing can be stored in memory.');
        }
        $write($file);
        rewind($file);
        $tar->text($name, (string) stream_get_contents($file));
        fclose($file);
    }

    private static function ending(Artwork $artwork): string
    {
        return 1 === preg_match('/\.[A-Za-z0-9]{1,5}$/D', $artwork->picture()->name, $found)
            ? strtolower($found[0])
            : '';
    }

    /** @param array<array-key, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode(
            $value,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        ) . "\n";
    }
}
