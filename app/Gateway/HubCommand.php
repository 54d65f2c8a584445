<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Outside\OutsideFailure;
use App\Tenancy\CurrentCompany;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * Something that a hub is told or asked. It goes out from a queue, so that a hub that hangs holds up no page and no other
 * hub's events; told twice, it is carried out once.
 */
abstract class HubCommand implements ShouldQueue
{
    use Queueable;

    public const QUEUE = 'commands';

    public int $tries = 3;

    public int $timeout = 15;

    // Not readonly: a job comes out of the queue through the constructor of none of its classes.
    protected int $companyId;

    protected int $gatewayId;

    public function __construct(Gateway $gateway)
    {
        $this->companyId = $gateway->company_id;
        $this->gatewayId = $gateway->id;
        $this->onConnection(self::QUEUE)->onQueue(self::QUEUE);
    }

    final public function handle(CurrentCompany $company): void
    {
        $company->during($this->companyId, function (): void {
            $gateway = Gateway::query()->whereKey($this->gatewayId)->whereNotNull('url')->first();
            if ($gateway === null) {
                $this->refused('Its link was taken off.');

                return;
            }
            try {
                $this->tell($gateway, GatewayClient::for($gateway));
            } catch (OutsideFailure $failure) {
                $this->refused($failure->getMessage());
            }
            $gateway->job()->firstOrFail()->touchLive();
        });
    }

    /** The worker was ended three times while it told the hub. */
    public function failed(?Throwable $why): void
    {
        app(CurrentCompany::class)->during($this->companyId, fn () => $this->refused('The hub could not be told. Try it again.'));
    }

    /** @throws OutsideFailure */
    abstract protected function tell(Gateway $gateway, GatewayClient $client): void;

    /** It has not happened. */
    abstract protected function refused(string $why): void;
}
