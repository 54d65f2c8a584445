<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** How many more devices a box or an ecosystem takes. */
final readonly class Growth
{
    private function __construct(public string $id, public string $name, public int $used, public int $limit) {}

    /**
     * @param  list<Path>  $paths
     * @return list<self> of those with a limit, the nearest to it first
     */
    public static function of(Household $household, array $paths): array
    {
        $passed = $shown = [];
        foreach ($paths as $path) {
            $shown["id {$path->want->ecosystem}"]["id {$path->want->device}"] = true;
            foreach ($path->way->via() as $box) {
                $passed["id {$box}"]["id {$path->want->device}"] = true;
            }
        }
        $all = [];
        foreach ($household->boxes as $box) {
            if ($box->sheet->mostDevices !== null) {
                $all[] = new self($box->id, $box->name, count($passed["id {$box->id}"] ?? []), $box->sheet->mostDevices);
            }
        }
        foreach ($household->ecosystems as $one) {
            if ($one->sheet->mostDevices !== null) {
                $all[] = new self($one->id, $one->name, count($shown["id {$one->id}"] ?? []), $one->sheet->mostDevices);
            }
        }
        usort($all, static fn (self $a, self $b): int => ($a->left() <=> $b->left()) ?: strcmp($a->id, $b->id));

        return $all;
    }

    public function left(): int
    {
        return $this->limit - $this->used;
    }
}
