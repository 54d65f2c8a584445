<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayAway;
use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\Logbook\Logbook;
use App\Models\Forecast;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kavvel\Core\Pairing\AttemptState;

/** Opens and closes join windows. The gateway is asked only after the intent is stored. */
final readonly class JoinWindows
{
    public function __construct(private Logbook $logbook) {}

    /** @throws ValidationException when another window is open, or no gateway can open one */
    public function open(SiteJob $job, Slot $slot, User $person): void
    {
        $gateway = Gateway::query()->where('site_job_id', $job->id)->whereNotNull('url')->first()
            ?? throw ValidationException::withMessages(['slot' => 'This job has no gateway with a link: pair it at its own controller.']);
        $busy = JoinWindow::query()->with('slot')->where('gateway_id', $gateway->id)->whereIn('state', ['opening', 'open'])->lockForUpdate()->first();
        if ($busy?->slot !== null && $busy->slot_id !== $slot->id) {
            throw ValidationException::withMessages(['slot' => "A window is open already, for the {$busy->slot->title()}. Close it first."]);
        }
        if ($busy !== null) {
            $this->replace($busy);
        }
        $window = JoinWindow::query()->create(['site_job_id' => $job->id, 'gateway_id' => $gateway->id, 'reference' => (string) str()->ulid(), 'slot_id' => $slot->id,
            'user_id' => $person->id, 'state' => 'opening', 'seconds' => GatewayClient::WINDOW_SECONDS]);
        $margin = Forecast::query()->where('slot_id', $slot->id)->where('plan_version', $job->plan_version)->value('parent_margin_db');
        PairAttempt::query()->create(['site_job_id' => $job->id, 'slot_id' => $slot->id, 'join_window_id' => $window->id, 'user_id' => $person->id,
            'state' => AttemptState::Waiting, 'missing' => [], 'margin_db' => $margin, 'started_at' => now()]);
        $this->logbook->write($job, $person, 'pair', "Opened the join window for the {$slot->title()}.", $slot);
        $protocol = (string) $slot->profile()->firstOrFail()->data['protocol'];
        DB::afterCommit(fn () => $this->ask($gateway, $window, $protocol));
    }

    public function close(JoinWindow $window): void
    {
        if (in_array($window->state, ['opening', 'open'], true)) {
            DB::afterCommit(static function () use ($window): void {
                try {
                    GatewayClient::for($window->gateway()->firstOrFail())->closeWindow($window->reference);
                } catch (GatewayAway|GatewayRefused) {
                    // The gateway ends it by its own clock, and says so when it is back.
                }
            });
        }
    }

    /** A second try of the same device: the gateway ends the old window when it opens the new one. */
    private function replace(JoinWindow $window): void
    {
        $window->update(['state' => 'ended', 'reason' => 'replaced', 'ended_at' => now()]);
        $window->attempts()->whereIn('state', [AttemptState::Waiting, AttemptState::Announced, AttemptState::Interviewing])->update(['state' => AttemptState::Stopped, 'ended_at' => now()]);
    }

    private function ask(Gateway $gateway, JoinWindow $window, string $protocol): void
    {
        try {
            GatewayClient::for($gateway)->openWindow($window->reference, $protocol, $window->seconds);
        } catch (GatewayAway|GatewayRefused $failed) {
            $window->update(['state' => 'refused', 'reason' => $failed->getMessage(), 'ended_at' => now()]);
            $window->attempts()->update(['state' => AttemptState::Stopped, 'ended_at' => now()]);
            session()->flash('notice', "The window did not open. {$failed->getMessage()}");
        }
    }
}
