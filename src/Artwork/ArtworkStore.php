<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Contracts\Cache\CacheInterface;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;
use Wubbin\Storage\WriteTurn;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Takes pictures in, keeps their originals, and finds them again. */
final readonly class ArtworkStore
{
    public function __construct(
        private Examiner $examiner,
        private PrivateDetails $details,
        private FileStore $files,
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private ClockInterface $clock,
        private CacheInterface $cache,
    ) {}

    /**
     * The same file taken twice is one picture, under the name it came with first.
     *
     * @param string|null $madeOf SHA-256 of the picture that this one was made of by taking parts away
     *
     * @throws Refusal when it is not a picture that Wubbin can print
     */
    public function take(
        string $path,
        string $name,
        ?string $madeOf = null,
        Progress $progress = new Unwatched(),
    ): Artwork {
        return $this->within(
            fn(string $into): Artwork => $this->takeClean(
                $this->details->without($path, $into),
                $name,
                $madeOf,
                $progress,
            ),
        );
    }

    private function takeClean(string $path, string $name, ?string $madeOf, Progress $progress): Artwork
    {
        $known = $this->find((string) hash_file('sha256', $path));
        if (null !== $known) {
            if (null === $known->picture()->traits) {
                $this->lookAgain($known);
            }

            return $known;
        }
        $read = $this->readClean($path, $name, $madeOf, $progress);

        // Reading takes long enough for somebody else to have brought the same file meanwhile.
        return $this->turn->take(fn(): Artwork => $this->find($read->sha256) ?? $this->entered($read));
    }

    /** Its size and place in its file stay as they are, so that no job is moved by it. */
    public function lookAgain(Artwork $artwork): void
    {
        $traits = null;
        try {
            $traits = $this->within(function (string $into) use ($artwork): Traits {
                $examined = $this->examiner->examine($this->files->path($artwork->sha256), $into, new Unwatched());
                $coverage = $into . '/' . ReadPicture::COVERAGE;
                if (is_file($coverage)) {
                    $this->files->write(
                        $artwork->sha256,
                        ReadPicture::COVERAGE,
                        static fn(string $to): bool => copy($coverage, $to),
                    );
                }

                return $examined->traits;
            });
        } catch (Refusal) {
            // What was once taken and is refused today stays as it is, without a look.
        }
        $this->turn->take(function () use ($artwork, $traits): void {
            $this->find($artwork->sha256)?->lookedAt($traits);
            $this->entities->flush();
        });
    }

    private function entered(Artwork $artwork): Artwork
    {
        $this->entities->persist($artwork);

        return $artwork;
    }

    /**
     * Reads a picture and keeps its files without entering it in the database.
     *
     * @throws Refusal when it is not a picture that Wubbin can print
     */
    public function read(
        string $path,
        string $name,
        ?string $madeOf = null,
        Progress $progress = new Unwatched(),
    ): Artwork {
        return $this->within(
            fn(string $into): Artwork => $this->readClean(
                $this->details->without($path, $into),
                $name,
                $madeOf,
                $progress,
            ),
        );
    }

    private function readClean(string $path, string $name, ?string $madeOf, Progress $progress): Artwork
    {
        return $this->within(function (string $into) use ($path, $name, $madeOf, $progress): Artwork {
            $examined = $this->examiner->examine($path, $into, $progress);
            $progress->at(0.95, 'Storing it');
            $sha256 = $this->files->keep($path);
            foreach ($examined->read->files() as $made) {
                if (is_file($into . '/' . $made)) {
                    $this->files->write($sha256, $made, static fn(string $to): bool => copy($into . '/' . $made, $to));
                }
            }

            return Artwork::fromRead(
                $sha256,
                self::tidy($name),
                $examined->read,
                $examined->traits,
                $madeOf,
                $this->clock->now(),
            );
        });
    }

    /**
     * @template T
     *
     * @param \Closure(string): T $work in a directory that is gone afterwards
     *
     * @return T
     */
    private function within(\Closure $work): mixed
    {
        $into = sys_get_temp_dir() . '/wubbin-' . bin2hex(random_bytes(8));
        mkdir($into, 0o700);
        try {
            return $work($into);
        } finally {
            (new Filesystem())->remove($into);
        }
    }

    /** The picture at the size at which it is examined. */
    public function working(Artwork $artwork, int $pixels = WorkingBitmap::PIXELS): Bitmap
    {
        return WorkingBitmap::of($this->files->path($artwork->sha256, ReadPicture::PREVIEW), $pixels);
    }

    /** Whether reading it takes longer than a page should wait for. */
    public function takesLong(string $path): bool
    {
        return $this->examiner->takesLong($path);
    }

    public function find(?string $sha256): ?Artwork
    {
        return null === $sha256 ? null : $this->entities->find(Artwork::class, $sha256);
    }

    /**
     * @param array<string|null> $sha256s
     *
     * @return array<string, Picture> those that are in the store, by SHA-256
     */
    public function pictures(array $sha256s): array
    {
        $pictures = [];
        foreach ($sha256s as $sha256) {
            $artwork = $this->find($sha256);
            $pictures += null === $artwork ? [] : [$artwork->sha256 => $this->outlined($artwork)];
        }

        return $pictures;
    }

    /**
     * Pictures whose names stand in a text.
     *
     * @return list<string> SHA-256
     */
    public function called(string $text): array
    {
        $found = $this->entities
            ->getConnection()
            ->fetchFirstColumn(
                "SELECT sha256 FROM artwork WHERE instr(lower(?), lower(json_extract(facts, '\$.name'))) > 0 LIMIT 500",
                [$text],
            );

        return array_values(array_filter($found, is_string(...)));
    }

    /** With the lines round it, where it does not fill its frame. */
    public function outlined(Artwork $artwork): Picture
    {
        $coverage = $this->files->path($artwork->sha256, ReadPicture::COVERAGE);

        return is_file($coverage)
            ? $artwork->picture()->outlined(new KeptOutlines($artwork->sha256, $coverage, $this->cache))
            : $artwork->picture();
    }

    private static function tidy(string $name): string
    {
        $name = trim((string) preg_replace('/[\x00-\x1f{}]+/', '', basename(str_replace('\\', '/', $name))));

        return '' === $name ? 'picture' : mb_substr($name, 0, 200);
    }
}
