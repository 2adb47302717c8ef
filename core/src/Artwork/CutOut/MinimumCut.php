<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork\CutOut;

/**
 * Which nodes of a graph stay with the source when it is cut from the sink where that costs least: the maximum flow by
 * Dinic (1970), and by Ford and Fulkerson (1956) what is still reached from the source is the one side of that cut.
 */
final class MinimumCut
{
    /** @var list<int> where each arc ends; the arc back is the next, or the one before */
    private array $to = [];

    /** @var array<int, float> what each arc still carries */
    private array $room = [];

    /** @var array<int, list<int>> arcs that leave each node */
    private array $leaving;

    /** @var array<int, int> steps from the source */
    private array $level = [];

    /** @var array<int, int> arcs of each node that are worked off */
    private array $done = [];

    private readonly int $source;
    private readonly int $sink;

    public function __construct(private readonly int $nodes)
    {
        [$this->source, $this->sink] = [$nodes, $nodes + 1];
        $this->leaving = array_fill(0, $nodes + 2, []);
    }

    /** What it costs to cut a node from the source, and from the sink. */
    public function terminal(int $node, float $source, float $sink): void
    {
        $this->arc($this->source, $node, $source, 0.0);
        $this->arc($node, $this->sink, $sink, 0.0);
    }

    /** What it costs to cut two nodes from each other. */
    public function link(int $one, int $other, float $cost): void
    {
        $this->arc($one, $other, $cost, $cost);
    }

    /** @return list<bool> for each node whether it stays with the source */
    public function sourceSide(): array
    {
        while ($this->levels()) {
            $this->done = array_fill(0, $this->nodes + 2, 0);
            while ($this->push() > 0.0) {
            }
        }
        $side = [];
        for ($node = 0; $node < $this->nodes; ++$node) {
            $side[] = isset($this->level[$node]);
        }

        return $side;
    }

    private function arc(int $from, int $to, float $room, float $back): void
    {
        $this->leaving[$from][] = count($this->to);
        $this->to[] = $to;
        $this->room[] = $room;
        $this->leaving[$to][] = count($this->to);
        $this->to[] = $from;
        $this->room[] = $back;
    }

    private function levels(): bool
    {
        $this->level = [$this->source => 0];
        $queue = [$this->source];
        for ($k = 0; $k < count($queue); ++$k) {
            $node = $queue[$k];
            foreach ($this->leaving[$node] as $arc) {
                $to = $this->to[$arc];
                if ($this->room[$arc] > 1e-9 && !isset($this->level[$to])) {
                    $this->level[$to] = $this->level[$node] + 1;
                    $queue[] = $to;
                }
            }
        }

        return isset($this->level[$this->sink]);
    }

    /** As much as one more way to the sink carries; 0 where there is none. */
    private function push(): float
    {
        $path = [];
        $node = $this->source;
        while ($node !== $this->sink) {
            $next = null;
            $k = $this->done[$node];
            for ($n = count($this->leaving[$node]); $k < $n; ++$k) {
                $arc = $this->leaving[$node][$k];
                if ($this->room[$arc] > 1e-9 && ($this->level[$this->to[$arc]] ?? -1) === $this->level[$node] + 1) {
                    $next = $arc;
                    break;
                }
            }
            $this->done[$node] = $k;
            if (null !== $next) {
                $path[] = $next;
                $node = $this->to[$next];
            } elseif ([] === $path) {
                return 0.0;
            } else {
                // A dead end: one step back, and not this way again.
                $node = $this->to[array_pop($path) ^ 1];
                ++$this->done[$node];
            }
        }
        $most = \INF;
        foreach ($path as $arc) {
            $most = min($most, $this->room[$arc]);
        }
        foreach ($path as $arc) {
            $this->room[$arc] -= $most;
            $this->room[$arc ^ 1] += $most;
        }

        return $most;
    }
}
