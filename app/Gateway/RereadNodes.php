<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\Gateway;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Support\Facades\DB;

/** Reads a hub's list of nodes anew: after a restart, or where events were missed. */
final class RereadNodes extends HubCommand implements ShouldBeUniqueUntilProcessing
{
    /** A list that was overtaken by events is read again */
    private const READS = 3;

    public int $uniqueFor = 60;

    public function uniqueId(): string
    {
        return (string) $this->gatewayId;
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        for ($read = 0; $read < self::READS; $read++) {
            $list = $client->nodes();
            if ($this->store($gateway, $list)) {
                return;
            }
        }
    }

    /** It stays due, and is asked for again. */
    protected function refused(string $why): void {}

    private function store(Gateway $gateway, NodeAnswer $list): bool
    {
        return DB::transaction(static function () use ($gateway, $list): bool {
            $now = Gateway::query()->whereKey($gateway->id)->lockForUpdate()->firstOrFail();
            if ($now->epoch === $list->epoch && $now->cursor > $list->newest) {
                return false;
            }
            $now->update(['nodes_due' => false]);
            app(NodeList::class)->replace($now, $list->nodes, isWhole: $list->unreadable === []);
            if ($list->unreadable !== []) {
                $many = count($list->unreadable) === 1 ? 'One node' : count($list->unreadable).' nodes';
                $line = "{$many} of {$now->name} can’t be read. {$list->unreadable[0]}";
                app(Logbook::class)->write($now->job()->firstOrFail(), Logbook::HUB, 'gateway', $line);
            }

            return true;
        });
    }
}
