<?php

declare(strict_types=1);

namespace App\Bridging;

use App\Models\BridgeLink;
use App\Models\SiteJob;
use Closure;
use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\LinkRun;

/** The links of a job that were begun, and those of its plan beside them. */
final readonly class BegunLinks
{
    /** @param array<string, BridgeLink> $rows by key */
    private function __construct(private array $rows) {}

    public static function of(SiteJob $job): self
    {
        return new self(BridgeLink::query()->where('site_job_id', $job->id)->get()->keyBy('key')->all());
    }

    public function row(string $key): ?BridgeLink
    {
        return $this->rows[$key] ?? null;
    }

    /**
     * Links that are made and that no path leads over any more.
     *
     * @param  array<string, LinkAtHand>  $planned  by key
     * @return list<BridgeLink>
     */
    public function leftOver(array $planned): array
    {
        return array_values(array_filter(
            $this->rows,
            static fn (BridgeLink $row): bool => $row->made_at !== null && ! isset($planned[$row->key]),
        ));
    }

    /**
     * @param  list<string>  $hubs  keys of boxes that pair for themselves
     * @param  Closure(string): bool  $isIn  whether the device of a slot is
     * @param  Closure(string): (string|null)  $mark  by what it is the same everywhere
     * @return array<string, LinkAtHand> by key
     */
    public function all(BridgePlan $plan, Household $household, array $hubs, Closure $isIn, Closure $mark): array
    {
        $links = Link::all($plan, $hubs);
        $ready = array_map(static fn (Link $link): array => $link->from === null && ! $link->isIntoEcosystem
            ? $link->devices
            : array_values(array_filter($link->devices, $isIn)), $links);
        $all = [];
        foreach ($links as $number => $link) {
            $row = $this->row($link->key());
            $carried = $row?->carries($mark) ?? [];
            $all[$link->key()] = new LinkAtHand(
                $link,
                $row?->run()->grown($carried, $ready[$number], $link->from === null) ?? LinkRun::begin(self::acts($link, $household)),
                $ready[$number],
                $row?->put_off_on?->isToday() === true,
                $row?->made_at === null ? [] : array_values(array_diff($ready[$number], $carried)),
            );
        }

        return $all;
    }

    /** @return list<Act> */
    private static function acts(Link $link, Household $household): array
    {
        $box = $link->from === null ? null : $household->box($link->from);
        $source = match (true) {
            $link->isShare() => [Act::shareOf($household->device($link->devices[0])->name)],
            $link->from === null => [],
            $box === null => [Act::windowOf($household->device($link->from)->name)],
            default => $box->sheet->acts[" {$link->form}"] ?? [],
        };
        $target = $link->isIntoEcosystem
            ? $household->ecosystem($link->to)?->sheet->acts[" {$link->form}"] ?? []
            : $household->box($link->to)?->sheet->taking ?? [];

        return LinkRun::acts($link, $source, $target);
    }
}
