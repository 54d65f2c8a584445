<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use Kavvel\Core\Bridging\Link;

/** What leads into an ecosystem or over a box, as far as it is linked. */
final readonly class LinksOf
{
    /** @return list<BridgeLink> */
    public static function place(Ecosystem|BridgeBox $one): array
    {
        $links = BridgeLink::query()->where('site_job_id', $one->site_job_id)->get()->all();

        return array_values(array_filter($links, static fn (BridgeLink $link): bool => $one instanceof Ecosystem
            ? $link->ecosystem_key === $one->key
            : Link::leadsOver($link->key, $one->key)));
    }

    /** How many devices go by them. */
    public static function devices(Ecosystem|BridgeBox $one): int
    {
        $devices = array_map(static fn (BridgeLink $link): array => $link->made_at === null ? [] : $link->devices, self::place($one));

        return count(array_unique(array_merge(...$devices)));
    }
}
