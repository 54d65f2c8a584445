<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Tenancy\CurrentCompany;
use App\Vitals\DatabaseAway;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Illuminate\Http\Client\Response;
use Throwable;

/**
 * Follows every linked gateway side by side. Each has one question under way at a time; whoever answers is taken in at
 * once, so that a silent one delays nobody.
 */
final class Listener
{
    /** How long the listener waits for any answer before it looks round again, in seconds */
    private const WAIT_SECONDS = 0.2;

    /** A gateway that has answered is asked again after this, in seconds */
    private const PAUSE_SECONDS = 0.6;

    private readonly CurlMultiHandler $handler;

    /** @var array<int, PromiseInterface> questions under way, by id of the gateway */
    private array $asked = [];

    /** @var array<int, float> when each may be asked again */
    private array $notBefore = [];

    /** @var array<int, true> gateways whose last answer was lost: one on a busy line is no absence */
    private array $lost = [];

    /** What went wrong while an answer was taken in; promises would swallow it */
    private ?Throwable $failure = null;

    public function __construct(private readonly CurrentCompany $company, private readonly Follower $follower)
    {
        $this->handler = new CurlMultiHandler(['select_timeout' => self::WAIT_SECONDS]);
    }

    /** One look round: asks those that are free, and takes in whatever has arrived. */
    public function tick(): void
    {
        foreach (Gateway::query()->withoutGlobalScopes()->whereNotNull('url')->get() as $gateway) {
            if (! isset($this->asked[$gateway->id]) && ($this->notBefore[$gateway->id] ?? 0) <= microtime(true)) {
                $this->ask($gateway);
            }
        }
        if ($this->asked === []) {
            $this->rest();

            return;
        }
        $this->handler->tick();
        Utils::queue()->run();
        if ($this->failure !== null) {
            [$failure, $this->failure] = [$this->failure, null];
            throw $failure;
        }
    }

    /** Asks every gateway once, and waits for all of them. */
    public function pollAll(): void
    {
        $this->notBefore = [];
        do {
            $this->tick();
        } while ($this->asked !== [] || $this->lost !== []);
    }

    /** Until the first may be asked again: without a question under way there is nothing that would wake it. */
    private function rest(): void
    {
        $until = $this->notBefore === [] ? INF : min($this->notBefore) - microtime(true);
        usleep((int) (1_000_000 * max(0.01, min(self::WAIT_SECONDS, $until))));
    }

    private function ask(Gateway $gateway): void
    {
        $taken = function (mixed $answer) use ($gateway): void {
            unset($this->asked[$gateway->id]);
            if (! $answer instanceof Response && ! isset($this->lost[$gateway->id])) {
                $this->lost[$gateway->id] = true;

                return;
            }
            unset($this->lost[$gateway->id]);
            $this->notBefore[$gateway->id] = microtime(true) + self::PAUSE_SECONDS;
            try {
                $this->company->during($gateway->company_id, fn () => $this->takeIn($gateway, $answer));
            } catch (Throwable $failure) {
                $this->failure = $failure;
            }
        };
        $question = GatewayClient::for($gateway)->askForEvents($gateway->epoch, $gateway->cursor, $this->handler);
        $this->asked[$gateway->id] = $question;
        $question->then($taken, $taken);
    }

    /** Whatever one hub's answer breaks, the others are followed; only a database that is away stops all of them. */
    private function takeIn(Gateway $gateway, mixed $answer): void
    {
        try {
            $this->follower->takeIn($gateway, $answer);
        } catch (Throwable $failure) {
            if (DatabaseAway::explains($failure)) {
                throw $failure;
            }
            $gateway->refresh();
            $gateway->silent_since === null && report($failure);
            $this->follower->failed($gateway);
        }
    }
}
