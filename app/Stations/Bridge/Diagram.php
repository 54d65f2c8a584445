<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use Illuminate\Support\Str;
use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Form;
use Kavvel\Core\Bridging\FunctionTable;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Loss;
use Kavvel\Core\Bridging\Path;
use LogicException;

/** Devices, boxes and ecosystems as a wiring diagram, from left to right, in pixels: what is lost stands where it falls. */
final class Diagram
{
    public const WIDTH = 800;

    public const PLATE_X = 148;

    public const PLATE_WIDTH = 44;

    private const COLUMNS = [222, 384];

    private const NARROW = 112;

    private const WIDE = 176;

    private const ECOSYSTEM = 150;

    private const BEND = 44;

    private const ROW = 58;

    private const TOP = 8;

    private const HEADER = 62;

    private const LINE = 28;

    private const GAP = 20;

    /** @var list<array{row: DiagramRow, y: int}> */
    public array $rows = [];

    /** @var array<string, DiagramBlock> by id */
    public array $boxes = [];

    /** @var array<string, DiagramBlock> by id */
    public array $ecosystems = [];

    /** @var list<array{path: string, state: string}> */
    public array $cables = [];

    /** @var list<array{x: int, y: int, width: int, text: string, isCloud: bool}> */
    public array $capsules = [];

    public int $height = 0;

    /** @var array<string, LinkAtHand> by key */
    private readonly array $links;

    private function __construct(private readonly JobBridging $bridging, private readonly BridgePlan $plan)
    {
        $this->links = $bridging->links();
    }

    public static function of(JobBridging $bridging, BridgePlan $plan): self
    {
        $diagram = new self($bridging, $plan);
        $diagram->placeRows(DiagramRows::of($bridging, $plan));
        $diagram->placeFurtherBoxes();
        $diagram->placeEcosystems();
        $diagram->note();
        $diagram->wire();
        $blocks = [...array_values($diagram->boxes), ...array_values($diagram->ecosystems)];
        $bottoms = [...array_map(static fn (DiagramBlock $one): int => $one->bottom(), $blocks), ...array_column($diagram->rows, 'y')];
        $diagram->height = ($bottoms === [] ? 0 : max($bottoms)) + 28;

        return $diagram;
    }

    public function row(string $id): ?DiagramRow
    {
        foreach ($this->rows as ['row' => $row]) {
            if ($row->id === $id) {
                return $row;
            }
        }

        return null;
    }

    /**
     * Rows one under the other; the boxes of the first column beside those that enter there.
     *
     * @param  list<DiagramRow>  $rows
     */
    private function placeRows(array $rows): void
    {
        $y = self::TOP;
        $last = false;
        foreach ($rows as $row) {
            $box = $row->firstBox();
            if ($box !== $last && $box !== null) {
                $y += $last === false ? 0 : self::GAP;
                $this->boxes[$box] = $this->box($this->boxById($box), 0, $y, self::HEADER);
                $y += self::HEADER;
            } elseif ($box !== $last) {
                $y += self::GAP;
            }
            $this->rows[] = ['row' => $row, 'y' => $y + intdiv(self::ROW, 2)];
            $y += self::ROW;
            if ($box !== null) {
                $this->boxes[$box]->height = $y - $this->boxes[$box]->y;
            }
            $last = $box;
        }
    }

    /** Boxes that no row begins with: in a column of their own, from the bottom of the first. */
    private function placeFurtherBoxes(): void
    {
        $y = null;
        foreach ($this->plan->paths as $path) {
            foreach ($path->way->legs as $number => $leg) {
                if (isset($this->boxes[$leg->box->id])) {
                    continue;
                }
                $first = $this->boxes[$path->way->legs[0]->box->id] ?? null;
                $y ??= $first === null ? self::TOP : max($first->y, $first->bottom() - 150);
                $this->boxes[$leg->box->id] = $this->box($leg->box, min(1, $number), $y, 0);
                $y += self::HEADER + self::GAP;
            }
        }
        foreach ($this->boxes as $box) {
            $box->height = max($box->height, self::HEADER);
        }
    }

    private function placeEcosystems(): void
    {
        $doors = [];
        foreach ($this->plan->paths as $path) {
            $doors[$path->want->ecosystem][$this->door($path)] = true;
        }
        $heights = array_map(
            fn (string $id): int => max(96, 58 + 44 * count($doors[$id] ?? []), 66 + self::LINE * count($this->lossesAt($id))),
            array_map(strval(...), array_keys($this->bridging->ecosystems)),
        );
        $rows = $this->rows === [] ? 0 : $this->rows[count($this->rows) - 1]['y'] + 26;
        $spare = max(0, $rows - self::TOP - array_sum($heights) - self::GAP * (count($heights) - 1));
        $gap = self::GAP + (count($heights) > 1 ? min(60, intdiv($spare, count($heights) - 1)) : 0);
        $y = self::TOP;
        foreach (array_values($this->bridging->ecosystems) as $number => $one) {
            $this->ecosystems[$one->key] = new DiagramBlock(
                $one->key,
                $one->name,
                $one->sheet->ecosystem()->kind->words(),
                'ecosystem',
                self::WIDTH - self::ECOSYSTEM - 8,
                $y,
                self::ECOSYSTEM,
                $heights[$number],
            );
            $y += $heights[$number] + $gap;
        }
    }

    /** What is lost: beside the row where that enters the box, else in lines of the block. */
    private function note(): void
    {
        foreach ($this->rows as ['row' => $row, 'y' => $y]) {
            $box = $row->firstBox();
            $own = $box === null ? [] : $this->fallen($row->paths, $box);
            if ($own !== []) {
                $this->boxes[$box]->losses[] = [
                    'text' => implode(', ', array_map(FunctionTable::words(...), array_keys($own))),
                    'isWanted' => in_array(true, $own, true), 'y' => $y,
                ];
            }
        }
        foreach ([...$this->ecosystems, ...array_filter($this->boxes, fn (DiagramBlock $box): bool => ! $this->hasRows($box))] as $block) {
            $y = $block->y + self::HEADER + 12;
            foreach ($this->lossesAt($block->id) as $words => $isWanted) {
                $block->losses[] = ['text' => $words, 'isWanted' => $isWanted, 'y' => $y];
                $y += self::LINE;
            }
            $block->height = max($block->height, $y - $block->y - 8);
        }
    }

    private function wire(): void
    {
        $doors = $between = [];
        foreach ($this->rows as ['row' => $row, 'y' => $y]) {
            $entered = [];
            foreach ($row->paths as $path) {
                $legs = $path->way->legs;
                $doors[$path->want->ecosystem][$this->door($path)][] = [$path, $row, $y];
                if ($legs !== [] && ! isset($entered[$legs[0]->box->id])) {
                    $entered[$legs[0]->box->id] = true;
                    $this->toFirstBox($row, $y, $this->boxes[$legs[0]->box->id]);
                }
                foreach (array_slice($legs, 1) as $number => $leg) {
                    $between["{$legs[$number]->box->id} {$leg->box->id}"] = [$legs[$number], $leg];
                }
            }
        }
        foreach ($between as [$from, $to]) {
            $state = $this->stateOf(Link::between($from->box->id, $from->offer->as, $to->box->id));
            $from = $this->boxes[$from->box->id];
            $to = $this->boxes[$to->box->id];
            $this->curve($from->right(), $from->port($to->y + 24), $to->x, $to->port($to->y + 24), $state);
        }
        foreach ($this->ecosystems as $id => $block) {
            $number = 0;
            $here = $doors[$id] ?? [];
            foreach ($here as $through) {
                $port = $block->y + 40 + $number++ * 44;
                $this->intoEcosystem($through, $block, min($port, $block->bottom() - 20));
            }
        }
    }

    private function toFirstBox(DiagramRow $row, int $y, DiagramBlock $box): void
    {
        $this->curve(
            self::PLATE_X + self::PLATE_WIDTH,
            $y,
            $box->x,
            $box->port($y),
            DiagramRow::state($row->cards[0]),
        );
    }

    /** @param non-empty-list<array{Path, DiagramRow, int}> $through those that enter by one door */
    private function intoEcosystem(array $through, DiagramBlock $block, int $port): void
    {
        [$path] = $through[0];
        $devices = array_sum(array_map(static fn (array $one): int => $one[0]->brings() ? count($one[1]->cards) : 0, $through));
        $text = $this->capsule($path, $devices);
        $width = (int) round(mb_strlen($text) * 7.3) + 22;
        $end = $block->x - $width - 14;
        if ($path->way->legs === []) {
            foreach ($through as [$own, , $y]) {
                $this->run(self::PLATE_X + self::PLATE_WIDTH, $y, $end, $port, $block->x, $this->stateOf(Link::into($own)));
            }
        } else {
            $box = $this->boxes[$path->way->legs[count($path->way->legs) - 1]->box->id];
            $beside = array_filter($this->boxes, static fn (DiagramBlock $one): bool => $one->x > $box->x);
            $above = $beside === [] ? null : min(array_map(static fn (DiagramBlock $one): int => $one->y, $beside)) - 14;
            $from = $box->port($port, above: $above);
            $this->run($box->right(), $from, $end, $port, $block->x, $this->stateOf(Link::into($path)));
        }
        $this->capsules[] = [
            'x' => $end + 7, 'y' => $port, 'width' => $width, 'text' => $text, 'isCloud' => ! $path->way->isLocal,
        ];
    }

    private function capsule(Path $path, int $devices): string
    {
        return match ($path->way->form) {
            Form::MATTER => 'shared',
            Form::MATTER_BRIDGE => 'export',
            Form::CLOUD_LINK => 'account',
            default => $path->way->form,
        }.($devices === 0 ? ', none' : ", {$devices}");
    }

    /** How far a link is: proved once all that it carries has shown in its ecosystem what is wanted. */
    private function stateOf(string $key): string
    {
        if (($this->links[$key] ?? null)?->run->isMade() !== true) {
            return 'planned';
        }
        $over = array_filter($this->plan->worthwhile(), static fn (Path $path): bool => Link::into($path) === $key);
        $open = array_filter($over, fn (Path $path): bool => ! $this->bridging->isProved($path));

        return $over !== [] && $open === [] ? 'proved' : 'linked';
    }

    private function curve(int $x, int $y, int $toX, int $toY, string $state): void
    {
        $bend = intdiv($x + $toX, 2);
        $this->cables[] = [
            'path' => $y === $toY ? "M{$x} {$y}H{$toX}" : "M{$x} {$y}C{$bend} {$y} {$bend} {$toY} {$toX} {$toY}", 'state' => $state,
        ];
    }

    /** Bends over to the height of its door, and runs into it there. */
    private function run(int $x, int $y, int $bendEnd, int $toY, int $toX, string $state): void
    {
        $start = max($x, $bendEnd - self::BEND);
        $bend = intdiv($start + $bendEnd, 2);
        $this->cables[] = [
            'path' => "M{$x} {$y}H{$start}C{$bend} {$y} {$bend} {$toY} {$bendEnd} {$toY}H{$toX}", 'state' => $state,
        ];
    }

    /** Devices enter an ecosystem together that come from one box in one form, or by themselves. */
    private function door(Path $path): string
    {
        $box = $path->way->lastBox();

        return ($box === null ? '' : $box->id)." {$path->way->form}";
    }

    /**
     * @param  list<Path>  $paths
     * @return array<string, bool> capabilities that fall in a box, and whether one of them was wanted
     */
    private function fallen(array $paths, string $at): array
    {
        $fallen = [];
        foreach ($paths as $path) {
            foreach ($path->losses() as $loss) {
                if ($loss->at === $at) {
                    $fallen[$loss->capability] = ($fallen[$loss->capability] ?? false)
                        || in_array($loss->capability, $path->want->needs, true);
                }
            }
        }

        return $fallen;
    }

    /** @return array<string, bool> in words, "watts × 2", what is wanted first */
    private function lossesAt(string $at): array
    {
        $counts = $wanted = [];
        foreach ($this->plan->paths as $path) {
            foreach (array_filter($path->losses(), static fn (Loss $loss): bool => $loss->at === $at) as $loss) {
                $counts[$loss->capability] = ($counts[$loss->capability] ?? 0) + 1;
                $wanted[$loss->capability] = ($wanted[$loss->capability] ?? false)
                    || in_array($loss->capability, $path->want->needs, true);
            }
        }
        uksort($counts, static fn (string $a, string $b): int => ($wanted[$b] <=> $wanted[$a]) ?: strcmp($a, $b));
        $lines = [];
        foreach ($counts as $capability => $count) {
            $lines[FunctionTable::words($capability).($count > 1 ? " × {$count}" : '')] = $wanted[$capability];
        }

        return $lines;
    }

    private function box(Box $box, int $column, int $y, int $height): DiagramBlock
    {
        $at = $this->bridging->household->box($box->id);
        $kind = match (true) {
            ! $box->isOwned => 'to-buy',
            $at?->sheet->isService === true => 'service',
            default => 'box',
        };
        return new DiagramBlock(
            $box->id,
            Str::ucfirst($this->bridging->sheet->card($box->id)->called ?? $box->name),
            match ($kind) {
                'to-buy' => $at?->sheet->isService === true ? 'to subscribe' : 'to buy',
                'service' => 'a service',
                default => $at === null ? 'there already' : 'there',
            },
            $kind,
            self::COLUMNS[$column],
            $y,
            $this->hasTwoColumns() ? self::NARROW : self::WIDE,
            $height,
        );
    }

    private function boxById(string $id): Box
    {
        foreach ($this->plan->paths as $path) {
            foreach ($path->way->legs as $leg) {
                if ($leg->box->id === $id) {
                    return $leg->box;
                }
            }
        }

        throw new LogicException("No path leads through the box “{$id}”.");
    }

    private function hasRows(DiagramBlock $box): bool
    {
        return array_filter($this->rows, static fn (array $one): bool => $one['row']->firstBox() === $box->id) !== [];
    }

    private function hasTwoColumns(): bool
    {
        foreach ($this->plan->paths as $path) {
            if (count($path->way->legs) > 1) {
                return true;
            }
        }

        return false;
    }
}
