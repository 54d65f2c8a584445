<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\GatewayEvent;
use App\Vitals\Collision;
use App\Vitals\DatabaseAway;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Input\InvalidInput;
use Throwable;

/**
 * Stores each event with the cursor, and carries it out once. One that can't be carried out is set aside with its reason;
 * those after it go on, and a lead can try it again.
 */
final readonly class EventStore
{
    private const TRIES = 3;

    private const LONGEST_REASON = 500;

    public function __construct(private Dispatcher $events, private Logbook $logbook) {}

    public function take(Gateway $gateway, RawEvent $event): void
    {
        DB::transaction(function () use ($gateway, $event): void {
            $gateway->job()->firstOrFail()->holdForWriting();
            $isNew = GatewayEvent::query()->insertOrIgnore([
                'company_id' => $gateway->company_id,
                'site_job_id' => $gateway->site_job_id,
                'gateway_id' => $gateway->id,
                'epoch' => $gateway->epoch,
                'sequence' => $event->sequence,
                ...$this->columns($event),
            ]) === 1;
            if ($isNew) {
                $because = $this->carryOut($gateway, $event);
                $because === null || $this->setAside($gateway, $event, $because);
            }
            $gateway->update(['cursor' => $event->sequence]);
        }, self::TRIES);
    }

    /** Whether one that was set aside can be carried out by now. */
    public function tryAgain(GatewayEvent $stored): bool
    {
        $gateway = $stored->gateway()->firstOrFail();
        $event = RawEvent::kept($stored->sequence, $stored->type, $stored->at->utc()->format('Y-m-d\TH:i:s.v\Z'), $stored->data);
        $because = $this->carryOut($gateway, $event);
        $stored->update(['set_aside' => $because]);

        return $because === null;
    }

    /** @return string|null why it could not be carried out */
    private function carryOut(Gateway $gateway, RawEvent $event): ?string
    {
        try {
            DB::transaction(function () use ($gateway, $event): void {
                $read = EventReader::read($gateway, $event);
                if ($read !== null) {
                    $this->events->dispatch($read);
                    $gateway->job()->firstOrFail()->touchLive();
                }
            });

            return null;
        } catch (InvalidInput $unreadable) {
            return mb_strimwidth($unreadable->getMessage(), 0, self::LONGEST_REASON, '…');
        } catch (Throwable $failure) {
            if (DatabaseAway::explains($failure) || Collision::explains($failure)) {
                throw $failure;
            }
            report($failure);

            return 'Kavvel could not carry it out.';
        }
    }

    /** The log says it once: a hub that sends a hundred such events is one trouble. */
    private function setAside(Gateway $gateway, RawEvent $event, string $because): void
    {
        $isFirst = ! GatewayEvent::query()->where('gateway_id', $gateway->id)->whereNotNull('set_aside')->exists();
        GatewayEvent::query()->where('gateway_id', $gateway->id)->where('epoch', $gateway->epoch)->where('sequence', $event->sequence)
            ->update(['set_aside' => $because]);
        if ($isFirst) {
            $line = "Something that {$gateway->name} said could not be read, and is set aside with the hubs of this job. {$because}";
            $this->logbook->write($gateway->job()->firstOrFail(), Logbook::HUB, 'gateway', $line);
        }
    }

    /** @return array{type: string, data: string, at: mixed} as much of it as can be kept */
    private function columns(RawEvent $event): array
    {
        try {
            $at = $event->at();
        } catch (InvalidInput) {
            $at = now();
        }

        return ['type' => $event->typeUpTo(RawEvent::LONGEST_TYPE), 'data' => $event->jsonToKeep(), 'at' => $at];
    }
}
