<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\DBAL\Connection;
use Wubbin\Core\Log\HandLearning;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Log\Survival;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\Defect;
use Wubbin\Session\LearnedTimes;

/** What past pieces teach: counted in the database, weighed by the core. */
final readonly class LogStats
{
    /** Of each route the settings with the most pieces are weighed against each other. */
    private const MOST_SETTINGS = 8;

    public function __construct(
        private Connection $connection,
        private Catalogue $catalogue,
        private LearnedTimes $times,
    ) {}

    /** @return array<string, SuccessShare> pieces good at the first try, by route */
    public function byRoute(): array
    {
        /** @var list<array{route: string, good: int, pieces: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT route, SUM(outcome = 'good') AS good, COUNT(*) AS pieces FROM log_entry GROUP BY route",
        );

        return array_combine(
            array_column($rows, 'route'),
            array_map(
                static fn(array $row): SuccessShare => new SuccessShare($row['good'], $row['pieces'] - $row['good']),
                $rows,
            ),
        );
    }

    /** @return array<string, SuccessShare> pieces good at the first try, by the key of a setting */
    public function bySetting(): array
    {
        /** @var list<array{setting: string, good: int, pieces: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT setting, SUM(outcome = 'good') AS good, COUNT(*) AS pieces FROM log_entry WHERE setting <> " .
                "'' GROUP BY setting",
        );

        return array_combine(
            array_column($rows, 'setting'),
            array_map(
                static fn(array $row): SuccessShare => new SuccessShare($row['good'], $row['pieces'] - $row['good']),
                $rows,
            ),
        );
    }

    public function all(): LogLessons
    {
        $routes = [];
        $settings = $this->settings();
        $defects = $this->defects();
        $worn = $this->worn();
        foreach ($this->byRoute() as $route => $share) {
            $routes[] = new RouteLesson(
                route: $route,
                label: $this->catalogue->routes[$route]->label ?? $route,
                share: $share,
                settings: $this->weighed($settings[$route] ?? []),
                defects: $defects[$route] ?? [],
                survival: Survival::of($worn[$route] ?? []),
            );
        }
        usort(
            $routes,
            static fn(RouteLesson $one, RouteLesson $other): int => $other->share->count() <=> $one->share->count(),
        );

        return new LogLessons(
            $routes,
            array_map(
                static fn(string $kind, array $time): HandLesson => new HandLesson(
                    kind: $kind,
                    label: StepKind::from($kind)->label(),
                    seconds: $time['time']->one(),
                    each: $time['time']->eachS,
                    planned: $time['planned'],
                    of: $time['of'],
                    used: $time['of'] >= HandLearning::ENOUGH,
                ),
                array_keys($this->times->all()),
                array_values($this->times->all()),
            ),
        );
    }

    /** @return array<string, list<array{PressSetting, SuccessShare}>> by route, those with the most pieces first */
    private function settings(): array
    {
        /** @var list<array{setting: string, good: int, pieces: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT setting, SUM(outcome = 'good') AS good, COUNT(*) AS pieces FROM log_entry WHERE setting <> " .
                "'' GROUP BY setting ORDER BY pieces DESC",
        );
        $settings = [];
        foreach ($rows as $row) {
            $setting = PressSetting::fromKey($row['setting']);
            if (count($settings[$setting->route] ?? []) < self::MOST_SETTINGS) {
                $settings[$setting->route][] = [
                    $setting,
                    new SuccessShare($row['good'], $row['pieces'] - $row['good']),
                ];
            }
        }

        return $settings;
    }

    /**
     * The best first, each with how likely the best beats it.
     *
     * @param list<array{PressSetting, SuccessShare}> $settings
     *
     * @return list<SettingLesson>
     */
    private function weighed(array $settings): array
    {
        usort($settings, static fn(array $one, array $other): int => $other[1]->mean() <=> $one[1]->mean());
        $best = $settings[0][1] ?? null;

        return array_map(
            static fn(array $one, int $n): SettingLesson => new SettingLesson(
                setting: $one[0],
                share: $one[1],
                beaten: 0 === $n || null === $best ? null : $best->beats($one[1]),
                sure: 0 !== $n && null !== $best && $best->surelyBeats($one[1]),
            ),
            $settings,
            array_keys($settings),
        );
    }

    /** @return array<string, list<DefectCount>> by route, what costs most pieces first */
    private function defects(): array
    {
        /** @var list<array{route: string, defect: string, spoiled: int, redo: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT e.route, d.defect, SUM(e.outcome = 'spoiled') AS spoiled, SUM(e.outcome = 'redo') AS redo " .
                "FROM log_defect d JOIN log_entry e ON e.id = d.entry_id WHERE e.outcome <> 'good' GROUP BY e.route, " .
                'd.defect ORDER BY spoiled DESC, redo DESC',
        );
        $defects = [];
        foreach ($rows as $row) {
            $defects[$row['route']][] = new DefectCount(
                defect: $row['defect'],
                label: Defect::from($row['defect'])->label(),
                spoiled: $row['spoiled'],
                redo: $row['redo'],
            );
        }

        return $defects;
    }

    /** @return array<string, list<array{int, bool}>> washes at the last look and whether it had gone, by route */
    private function worn(): array
    {
        /** @var list<array{route: string, washes: int, failed: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT route, washes, failed FROM log_entry WHERE washes IS NOT NULL',
        );
        $worn = [];
        foreach ($rows as $row) {
            $worn[$row['route']][] = [$row['washes'], 1 === $row['failed']];
        }

        return $worn;
    }
}
