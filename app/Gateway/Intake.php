<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Models\MeshReading;
use App\Models\Node;
use App\Models\PairAttempt;
use App\Models\ProofCommand;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Proving\Proofs;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/**
 * What each event of the gateway means for the job. Called once per event, inside the transaction that stores it.
 *
 * @phpstan-import-type Event from GatewayClient
 */
final readonly class Intake
{
    public function __construct(private Logbook $logbook, private Proofs $proofs) {}

    /** @param Event $event */
    public function take(Gateway $gateway, array $event): void
    {
        $data = $event['data'];
        $at = Carbon::parse($event['at']);
        match ($event['type']) {
            'window.opened' => $this->windowOpened($data, $at),
            'window.closed' => $this->windowClosed($data, $at),
            'device.announced' => $this->announced($gateway, $data, $at),
            'device.interviewing' => $this->interviewing($gateway, $data),
            'device.joined' => $this->joined($gateway, $data, $at),
            'device.incomplete' => $this->incomplete($gateway, $data, $at),
            'device.reported' => $this->reported($gateway, $data, $at),
            'device.left' => $this->left($gateway, $data, $at),
            'label.set' => $this->labelled($gateway, $data, $at),
            'command.done' => $this->commandDone($data, true),
            'command.failed' => $this->commandDone($data, false),
            'survey.progress' => $this->survey($data)?->update(['done' => $data['done'], 'total' => $data['total'], 'state' => 'running']),
            'survey.done' => $this->survey($data)?->update(['state' => 'reading']),
            default => null,
        };
        $this->job($gateway)->touchLive();
    }

    /**
     * A node as the gateway lists it. The gateway's word is the truth.
     *
     * @param  array<string, mixed>  $listed
     */
    public function node(Gateway $gateway, array $listed, string $state, ?Carbon $at): Node
    {
        $node = Node::query()->firstOrNew(['gateway_id' => $gateway->id, 'address' => $listed['address']]);
        $node->fill([
            'site_job_id' => $gateway->site_job_id,
            'protocol' => $listed['protocol'] ?? $node->protocol ?? 'zigbee',
            'model' => $listed['model'] ?? $node->model,
            'firmware' => $listed['firmware'] ?? $node->firmware,
            'is_router' => isset($listed['role']) ? $listed['role'] === 'router' : (bool) $node->is_router,
            'capabilities' => $listed['capabilities'] ?? $node->capabilities ?? [],
            'state' => $state,
            'joined_at' => $state === 'joined' ? $node->joined_at ?? $at : $node->joined_at,
            'heard_at' => $at ?? $node->heard_at,
            'left_at' => null,
        ])->save();

        return $node;
    }

    /** @param array<string, mixed> $data */
    private function windowOpened(array $data, Carbon $at): void
    {
        $window = JoinWindow::query()->where('reference', $data['window'])->first();
        if ($window?->state === 'refused') {
            // The answer was lost on its way, the window was not: the attempt goes on.
            $window->attempts()->where('state', AttemptState::Stopped)->update(['state' => AttemptState::Waiting, 'ended_at' => null]);
        }
        $window?->update(['state' => 'open', 'reason' => null, 'opened_at' => $at, 'closes_at' => Carbon::parse($data['closesAt']), 'ended_at' => null]);
    }

    /** @param array<string, mixed> $data */
    private function windowClosed(array $data, Carbon $at): void
    {
        $window = JoinWindow::query()->with('attempts.slot')->where('reference', $data['window'])->first();
        if ($window !== null) {
            $this->endWindow($window, $data['reason'] === 'time' ? 'time' : (string) $data['reason'], $at);
        }
    }

    public function endWindow(JoinWindow $window, string $reason, Carbon $at): void
    {
        $window->update(['state' => 'ended', 'reason' => $reason, 'ended_at' => $at]);
        foreach ($window->attempts as $attempt) {
            if (! $attempt->state->isOpen()) {
                continue;
            }
            $ending = match (true) {
                $reason === 'asked' => AttemptState::Stopped,
                $attempt->state === AttemptState::Waiting => AttemptState::Silent,
                default => AttemptState::WindowEnded,
            };
            $attempt->update(['state' => $ending, 'ended_at' => $at]);
            if ($ending !== AttemptState::Stopped) {
                $this->logbook->write($this->jobOf($attempt->slot), Logbook::GATEWAY, 'pair', "The window for the {$attempt->slot->title()} ended: {$ending->words()}.", $attempt->slot);
            }
        }
    }

    /** @param array<string, mixed> $data */
    private function announced(Gateway $gateway, array $data, Carbon $at): void
    {
        $node = $this->node($gateway, $data, 'announced', $at);
        $attempt = PairAttempt::query()->whereRelation('joinWindow', 'reference', $data['window'])->where('state', AttemptState::Waiting)->first();
        $attempt?->update(['state' => AttemptState::Announced, 'node_id' => $node->id]);
    }

    /** @param array<string, mixed> $data */
    private function interviewing(Gateway $gateway, array $data): void
    {
        $this->openAttempt($gateway, $data)?->update(['state' => AttemptState::Interviewing, 'interview_done' => $data['done'], 'interview_total' => $data['total']]);
    }

    /** @param array<string, mixed> $data */
    private function joined(Gateway $gateway, array $data, Carbon $at): void
    {
        $attempt = $this->openAttempt($gateway, $data);
        $this->node($gateway, $data, 'joined', $at);
        if ($attempt !== null) {
            $attempt->update(['state' => AttemptState::Joined, 'ended_at' => $at]);
            $this->logbook->write($this->job($gateway), Logbook::GATEWAY, 'pair', "{$data['address']} joined ({$data['model']}).", $attempt->slot);
        }
    }

    /** @param array<string, mixed> $data */
    private function incomplete(Gateway $gateway, array $data, Carbon $at): void
    {
        $attempt = $this->openAttempt($gateway, $data);
        $this->node($gateway, $data, 'in-part', $at);
        if ($attempt === null) {
            return;
        }
        $wanted = $attempt->slot->profile->data['capabilities'];
        $attempt->update(['state' => AttemptState::InPart, 'ended_at' => $at, 'interview_done' => $data['done'], 'interview_total' => $data['total'],
            'missing' => array_values(array_diff($wanted, $data['capabilities']))]);
        $this->logbook->write($this->job($gateway), Logbook::GATEWAY, 'pair', "{$data['address']} joined in part: {$data['done']} of {$data['total']} steps.", $attempt->slot);
    }

    /** @param array<string, mixed> $data */
    private function reported(Gateway $gateway, array $data, Carbon $at): void
    {
        $slot = $this->slot($gateway, $data);
        if ($slot === null) {
            return;
        }
        $slot->node?->update(['heard_at' => $at]);
        $value = "{$data['capability']} {$data['value']}";
        $this->proofs->record($slot, Rung::Radio, Outcome::Passed, null, "heard {$value}");
        if (! $slot->profile->core($this->job($gateway)->region)->isActuator()) {
            $this->proofs->record($slot, Rung::Hub, Outcome::Passed, null, "reported {$value}");
        }
    }

    /** @param array<string, mixed> $data */
    private function left(Gateway $gateway, array $data, Carbon $at): void
    {
        Node::query()->where('gateway_id', $gateway->id)->where('address', $data['address'])->update(['state' => 'left', 'left_at' => $at]);
        $slot = $this->slot($gateway, $data);
        $this->logbook->write($this->job($gateway), Logbook::GATEWAY, 'pair', $slot === null ? "{$data['address']} left the network." : "The {$slot->title()} left the network.", $slot);
    }

    /** @param array<string, mixed> $data */
    private function labelled(Gateway $gateway, array $data, Carbon $at): void
    {
        Node::query()->where('gateway_id', $gateway->id)->where('address', $data['address'])->update(['label' => $data['label']]);
        $slot = $this->slot($gateway, $data);
        if ($slot !== null && $slot->name === $data['label']) {
            $slot->update(['named_at' => $at]);
        }
    }

    /** @param array<string, mixed> $data */
    private function commandDone(array $data, bool $worked): void
    {
        $command = ProofCommand::query()->with('slot')->where('reference', $data['command'])->first();
        if ($command !== null) {
            $this->proofs->record($command->slot, Rung::Hub, $worked ? Outcome::Passed : Outcome::Failed, $command->user_id, $worked ? "switched {$data['value']}" : (string) $data['reason']);
        }
    }

    /** @param array<string, mixed> $data */
    private function survey(array $data): ?MeshReading
    {
        return MeshReading::query()->where('reference', $data['survey'])->whereIn('state', ['asked', 'running'])->first();
    }

    /** @param array<string, mixed> $data */
    private function openAttempt(Gateway $gateway, array $data): ?PairAttempt
    {
        return PairAttempt::query()->with('slot.profile')
            ->whereRelation('node', 'address', $data['address'])->where('site_job_id', $gateway->site_job_id)
            ->whereIn('state', [AttemptState::Announced, AttemptState::Interviewing])->latest('id')->first();
    }

    /** @param array<string, mixed> $data */
    private function slot(Gateway $gateway, array $data): ?Slot
    {
        return Slot::query()->with(['profile', 'node'])->where('site_job_id', $gateway->site_job_id)->whereRelation('node', 'address', $data['address'])->first();
    }

    private function job(Gateway $gateway): SiteJob
    {
        return $gateway->job()->firstOrFail();
    }

    private function jobOf(Slot $slot): SiteJob
    {
        return $slot->job()->firstOrFail();
    }
}
