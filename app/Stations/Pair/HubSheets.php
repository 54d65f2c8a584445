<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\Gateway;
use App\Models\HubCheck;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\HubCheck as Item;
use Kavvel\Core\Pairing\HubSheet;
use Kavvel\Core\Pairing\NetworkFacts;

/** What is settled of the hubs of a job, and by whom. */
final readonly class HubSheets
{
    public function __construct(private Logbook $logbook) {}

    /** @return Collection<int, HubCheck> */
    public function checks(JobSheet $sheet): Collection
    {
        return HubCheck::query()->where('site_job_id', $sheet->job->id)->orderBy('id')->get();
    }

    /** @param Collection<int, HubCheck> $checks */
    public function of(JobSheet $sheet, Hub $hub, Collection $checks): HubSheet
    {
        $isInUse = array_filter(
            $sheet->nodes,
            static fn (Node $node): bool => $node->gateway_id === $hub->gateway->id && $node->state !== Node::LEFT,
        ) !== [];

        return new HubSheet(
            array_values($checks->where('gateway_id', $hub->gateway->id)->map(static fn (HubCheck $one): Item => $one->item)->all()),
            $isInUse,
            $hub->isLinked() && $hub->gateway->heard_at !== null && $hub->silentSince() === null,
        );
    }

    /**
     * What somebody has noted of the network behind a hub.
     *
     * @param  Collection<int, HubCheck>  $checks
     */
    public function facts(?int $gatewayId, Collection $checks): NetworkFacts
    {
        $noted = $checks->where('gateway_id', $gatewayId)->firstWhere('item', Item::Network)?->facts;

        return NetworkFacts::fromInput(is_array($noted) ? Input::of($noted) : null);
    }

    /** @param array<string, mixed> $facts */
    public function settle(SiteJob $job, Gateway $hub, Item $item, string $note, array $facts, bool $isWaived, User $person): void
    {
        HubCheck::query()->updateOrCreate(['gateway_id' => $hub->id, 'item' => $item], [
            'site_job_id' => $job->id, 'note' => $note === '' ? null : $note, 'facts' => $facts === [] ? null : $facts,
            'is_waived' => $isWaived, 'by' => $person->name, 'at' => now(),
        ]);
        $line = $isWaived ? "Waived for {$hub->name}: {$item->title()}." : "{$hub->name}: {$item->title()}.";
        $this->logbook->write($job, $person, 'gateway', $note === '' ? $line : "{$line} {$note}");
    }

    /** Its password, or a key to it: the last that was given counts. */
    public function keepSecret(SiteJob $job, Gateway $hub, string $secret, User $person): void
    {
        Credential::query()->where('gateway_id', $hub->id)->delete();
        Credential::query()->create([
            'site_job_id' => $job->id, 'gateway_id' => $hub->id, 'kind' => 'code', 'label' => "the way into {$hub->name}",
            'secret' => $secret, 'stored_by' => $person->name,
        ]);
        $this->logbook->write($job, $person, 'secret', "Stored the way into {$hub->name}.");
    }

    public function reopen(SiteJob $job, Gateway $hub, string $word, User $person): void
    {
        $item = Item::tryFrom($word) ?? abort(404);
        HubCheck::query()->where('gateway_id', $hub->id)->where('item', $item)->delete();
        $this->logbook->write($job, $person, 'gateway', "{$hub->name}, open again: {$item->title()}.");
    }
}
