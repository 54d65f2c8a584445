<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** Something that is wrong with a network, with who depends on it: what harms most comes first. */
final readonly class Finding
{
    /**
     * @param  list<string>  $ids  the router, or both ends of the link
     * @param  list<string>  $dependants  devices that go through it, or are stranded without it
     * @param  float|null  $db  margin of a weak link, or how far apart both ways of an uneven one are
     */
    private function __construct(
        public FindingKind $kind,
        public array $ids,
        public array $dependants,
        public ?float $db,
        private int $vital,
    ) {}

    /**
     * A link that nobody’s way leads over harms nobody today, and comes last.
     *
     * @param  list<string>  $vital  locks, smoke and leak devices
     * @return list<self>
     */
    public static function all(MeshReport $report, array $vital): array
    {
        $all = [
            ...array_map(static fn (SinglePoint $one): self => self::ofRouter(
                FindingKind::SinglePoint,
                $one->id,
                $one->strands,
                $vital,
            ), $report->singlePoints),
            ...array_map(static fn (string $id): self => self::ofRouter(
                FindingKind::Removable,
                $id,
                self::over($report, $id),
                $vital,
            ), $report->removableInUse),
            ...array_map(static fn (Link $link): self => self::ofLink(
                FindingKind::WeakLink,
                $link,
                $link->worseDb(),
                self::along($report, $link),
                $vital,
            ), $report->weakLinks),
            ...array_map(static fn (string $id): self => self::ofRouter(
                FindingKind::OneWay,
                $id,
                self::over($report, $id),
                $vital,
            ), $report->oneWayRouters),
            ...array_map(static fn (Link $link): self => self::ofLink(
                FindingKind::Uneven,
                $link,
                $link->differenceDb(),
                self::along($report, $link),
                $vital,
            ), $report->asymmetricLinks),
        ];
        usort($all, static fn (self $a, self $b): int => $a->isIdle() <=> $b->isIdle()
            ?: $a->rank() <=> $b->rank()
            ?: $b->vital <=> $a->vital
            ?: count($b->dependants) <=> count($a->dependants)
            ?: ($a->db ?? 0.0) <=> ($b->db ?? 0.0)
            ?: strcmp(implode(' ', $a->ids), implode(' ', $b->ids)));

        return $all;
    }

    /** Nobody’s way leads over it. */
    public function isIdle(): bool
    {
        return $this->dependants === [] && in_array($this->kind, [FindingKind::WeakLink, FindingKind::Uneven], true);
    }

    public function harmsVital(): bool
    {
        return $this->vital > 0;
    }

    private function rank(): int
    {
        return (int) array_search($this->kind, FindingKind::cases(), true);
    }

    /**
     * @param  list<string>  $dependants
     * @param  list<string>  $vital
     */
    private static function ofRouter(FindingKind $kind, string $id, array $dependants, array $vital): self
    {
        return new self($kind, [$id], $dependants, null, count(array_intersect($dependants, $vital)));
    }

    /**
     * @param  list<string>  $dependants
     * @param  list<string>  $vital
     */
    private static function ofLink(FindingKind $kind, Link $link, float $db, array $dependants, array $vital): self
    {
        return new self($kind, [$link->a, $link->b], $dependants, $db, count(array_intersect($dependants, $vital)));
    }

    /** @return list<string> devices whose chosen way leads through this one */
    private static function over(MeshReport $report, string $id): array
    {
        return self::whoseWay($report, static fn (array $path): bool => array_search($id, $path, true) > 0);
    }

    /** @return list<string> devices whose chosen way leads over this link */
    private static function along(MeshReport $report, Link $link): array
    {
        return self::whoseWay($report, static function (array $path) use ($link): bool {
            $at = array_search($link->a, $path, true);

            return $at !== false && in_array($link->b, [$path[$at + 1] ?? null, $at > 0 ? $path[$at - 1] : null], true);
        });
    }

    /**
     * @param  callable(list<string>): bool  $leads
     * @return list<string>
     */
    private static function whoseWay(MeshReport $report, callable $leads): array
    {
        $ids = [];
        foreach ($report->nodes as $node) {
            if ($leads($node->path)) {
                $ids[] = $node->id;
            }
        }

        return $ids;
    }
}
