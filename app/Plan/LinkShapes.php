<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;
use App\Plan\Layout\LabelPlacer;
use App\Plan\Layout\TextSize;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Site\Polygon;

/**
 * Links of one storey with their capsules, and labelled stubs for those that leave it.
 *
 * @phpstan-import-type Line from Drawing
 * @phpstan-import-type Capsule from Drawing
 */
final readonly class LinkShapes
{
    private const CAPSULE = 0.28;

    /** A capsule that finds no room on its link may lie beside it, still touching */
    private const BESIDE_M = 0.28;

    /**
     * @param  list<LensLink>  $links
     * @param  array<string, array{float, float}>  $centres  plate centres of this storey, by key of the slot or hub
     */
    public function __construct(private PlanSheet $sheet, private array $links, private array $centres) {}

    /**
     * @param  list<Box>  $fixed
     * @return array{list<Line>, list<Capsule>}
     */
    public function draw(string $storey, Box $frame, array $fixed): array
    {
        $placer = new LabelPlacer($frame, $fixed);
        $lines = [];
        $capsules = [];
        $wanted = [];
        $stubs = [];
        foreach ($this->links as $link) {
            $from = $this->centres[$link->from] ?? null;
            $to = $this->centres[$link->to] ?? null;
            if ($from !== null && $to !== null) {
                $lines[] = [
                    'ax' => $from[0], 'ay' => $from[1], 'bx' => $to[0], 'by' => $to[1], 'kind' => $link->kind,
                    'width' => $link->strokeWidth(),
                ];
                $wanted[] = ['text' => $link->text(), 'kind' => $link->kind, 'from' => $from, 'to' => $to];
            } elseif ($from !== null || $to !== null) {
                $stubs[$this->sheet->storeyOf($from === null ? $link->from : $link->to)][] = ['link' => $link, 'here' => $from ?? $to];
            }
        }
        foreach ($stubs as $other => $crossing) {
            [$stubLines, $capsule] = $this->stub($storey, $other, $crossing, $placer, $frame);
            $lines = [...$lines, ...$stubLines];
            $capsules = [...$capsules, ...$capsule];
        }
        // What is wrong is labelled first; a capsule slides along its link, or is left out.
        usort($wanted, static fn (array $a, array $b): int => ($a['kind'] === 'accepted') <=> ($b['kind'] === 'accepted'));
        foreach ($wanted as $want) {
            $box = $placer->firstFree($this->alongLink($want['text'], $want['from'], $want['to']));
            if ($box !== null) {
                $capsules[] = ['text' => $want['text'], 'kind' => $want['kind'], 'box' => $box, 'size' => self::CAPSULE];
            }
        }

        return [$lines, $capsules];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<Box>
     */
    private function alongLink(string $text, array $from, array $to): array
    {
        $length = max(0.01, hypot($to[0] - $from[0], $to[1] - $from[1]));
        $boxes = [];
        foreach ([0.0, self::BESIDE_M, -self::BESIDE_M] as $aside) {
            foreach ([0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74] as $share) {
                $boxes[] = $this->capsuleBox(
                    $text,
                    $from[0] + ($to[0] - $from[0]) * $share - ($to[1] - $from[1]) / $length * $aside,
                    $from[1] + ($to[1] - $from[1]) * $share + ($to[0] - $from[0]) / $length * $aside,
                );
            }
        }

        return $boxes;
    }

    private function capsuleBox(string $text, float $x, float $y): Box
    {
        return Box::around($x, $y, TextSize::width($text, self::CAPSULE) * 1.06 + 0.3, self::CAPSULE * 1.75);
    }

    /**
     * Links that leave this storey end in one labelled stub: at the stair, or at the edge towards another building.
     *
     * @param  non-empty-list<array{link: LensLink, here: array{float, float}}>  $crossing
     * @return array{list<Line>, list<Capsule>}
     */
    private function stub(string $storey, string $other, array $crossing, LabelPlacer $placer, Box $frame): array
    {
        $worst = min(array_map(static fn (array $one): float => $one['link']->marginDb, $crossing));
        $kind = 'accepted';
        foreach ($crossing as $one) {
            $kind = $one['link']->marginDb === $worst ? $one['link']->kind : $kind;
        }
        $name = $this->sheet->geometry->storey($other)['name'] ?? 'elsewhere';
        $text = sprintf('to %s: %s%s', $name, count($crossing) > 1 ? count($crossing).', worst ' : '', Margin::text($worst));
        [$x, $y] = $this->wayTo($storey, $other, $frame);
        $candidates = [];
        foreach ([0, -0.7, 0.7, -1.4, 1.4, -2.1, 2.1] as $shift) {
            $box = $this->capsuleBox($text, $x, $y + $shift);
            $left = max($frame->x + 0.05, min($box->x, $frame->x + $frame->width - $box->width - 0.05));
            $candidates[] = new Box($left, $box->y, $box->width, $box->height);
        }
        $box = $placer->firstFree($candidates);
        if ($box === null) {
            return [[], []];
        }
        $lines = [];
        $drawn = [];
        foreach ($crossing as $one) {
            $at = implode(' ', $one['here']).$one['link']->kind;
            if (! isset($drawn[$at])) {
                $drawn[$at] = true;
                $lines[] = [
                    'ax' => $one['here'][0], 'ay' => $one['here'][1], 'bx' => $box->centreX(), 'by' => $box->centreY(),
                    'kind' => $one['link']->kind, 'width' => $one['link']->strokeWidth(),
                ];
            }
        }

        return [$lines, [['text' => $text, 'kind' => $kind, 'box' => $box, 'size' => self::CAPSULE]]];
    }

    /** @return array{float, float} */
    private function wayTo(string $storey, string $other, Box $frame): array
    {
        $here = $this->sheet->geometry->storey($storey);
        $there = $this->sheet->geometry->storey($other);
        if ($here !== null && $there !== null) {
            [$left, , $right] = (new Polygon($here['outline']))->bounds();
            [$otherLeft, $otherTop, $otherRight, $otherBottom] = (new Polygon($there['outline']))->bounds();
            $level = max($frame->y + 0.5, min(($otherTop + $otherBottom) / 2, $frame->y + $frame->height - 0.5));
            if ($otherLeft >= $right) {
                return [$frame->x + $frame->width, $level];
            }
            if ($otherRight <= $left) {
                return [$frame->x, $level];
            }
        }
        foreach ($this->sheet->geometry->roomsOn($storey) as $room) {
            if ($room['code'] === RoomNames::STAIR_CODE || $room['name'] === 'Landing') {
                [$left, $top, $right, $bottom] = (new Polygon($room['outline']))->bounds();

                return [($left + $right) / 2, $top + ($bottom - $top) * 0.3];
            }
        }

        return [$frame->x + $frame->width / 2, $frame->y + 0.5];
    }
}
