<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Radio\Forecasts;

/** Sends a device to another hub than the one that suits, or back. */
final readonly class SlotHubs
{
    public function __construct(private Logbook $logbook, private Forecasts $forecasts) {}

    /**
     * @param  string|null  $key  of a hub of the job; null: the one that suits
     *
     * @throws SlotHubRefused
     */
    public function send(SiteJob $job, Slot $slot, ?string $key, User $person): void
    {
        $sheet = JobSheet::of($job);
        $card = $sheet->cards[$slot->key];
        $hub = array_values(array_filter($sheet->hubs, static fn (Hub $one): bool => $one->key() === $key))[0] ?? null;
        if ($card->isBehindBridge()) {
            throw SlotHubRefused::goesWithBridge($slot);
        }
        if ($card->isIn()) {
            throw SlotHubRefused::isIn($slot, $card->hub);
        }
        if (JoinWindow::query()->where('slot_id', $slot->id)->whereIn('state', JoinWindow::UNDER_WAY)->lockForUpdate()->exists()) {
            throw SlotHubRefused::windowIsOpen($slot);
        }
        if ($hub !== null && ! $hub->offer()->maySpeak($card->profile->protocol)) {
            throw SlotHubRefused::speaksOther($hub, $card->profile->protocol);
        }
        $slot->update(['gateway_id' => $hub?->gateway->id]);
        $where = $hub === null ? 'to the hub that suits it' : "to {$hub->gateway->name}";
        $this->logbook->write($job, $person, 'pair', "The {$slot->title()} goes {$where}.", $slot);
        $this->forecasts->planChanged($job);
    }
}
