<?php

declare(strict_types=1);

namespace App\Providers;

use App\Gateway\Events;
use App\Gateway\Handlers;
use App\JobSheet\Catalogue;
use App\Models\Profile;
use App\Models\SiteJob;
use App\Models\User;
use App\Outside\OutsideCommand;
use App\Policies\SiteJobPolicy;
use App\Radio\JudgeReading;
use App\SignIn\SessionEra;
use App\SignIn\SessionFiles;
use App\Tenancy\CurrentCompany;
use App\Vitals\Heartbeat;
use App\Vitals\Part;
use Illuminate\Auth\Events\Login;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    /** What each event of a gateway means for the job */
    private const GATEWAY_EVENTS = [
        Events\WindowOpened::class => Handlers\OnWindowOpened::class,
        Events\WindowClosed::class => Handlers\OnWindowClosed::class,
        Events\DeviceAnnounced::class => Handlers\OnDeviceAnnounced::class,
        Events\DeviceSeen::class => Handlers\OnDeviceSeen::class,
        Events\DeviceAsks::class => Handlers\OnDeviceAsks::class,
        Events\DeviceSecured::class => Handlers\OnDeviceSecured::class,
        Events\DeviceNetworked::class => Handlers\OnDeviceNetworked::class,
        Events\DeviceFailed::class => Handlers\OnDeviceFailed::class,
        Events\DeviceExcluded::class => Handlers\OnDeviceExcluded::class,
        Events\DeviceInterviewing::class => Handlers\OnDeviceInterviewing::class,
        Events\DeviceJoined::class => Handlers\OnDeviceJoined::class,
        Events\DeviceIncomplete::class => Handlers\OnDeviceIncomplete::class,
        Events\DeviceReported::class => Handlers\OnDeviceReported::class,
        Events\DeviceReachable::class => Handlers\OnDeviceReachable::class,
        Events\DeviceLeft::class => Handlers\OnDeviceLeft::class,
        Events\KeyLearnt::class => Handlers\OnKeyLearnt::class,
        Events\KeyUnclear::class => Handlers\OnKeyUnclear::class,
        Events\SignalSent::class => Handlers\OnSignalSent::class,
        Events\BusHeard::class => Handlers\OnBusHeard::class,
        Events\TelegramSent::class => Handlers\OnTelegramSent::class,
        Events\LabelSet::class => Handlers\OnLabelSet::class,
        Events\CommandDone::class => Handlers\OnCommandDone::class,
        Events\CommandFailed::class => Handlers\OnCommandFailed::class,
        Events\ReadingProgress::class => Handlers\OnReadingProgress::class,
        Events\ReadingDone::class => Handlers\OnReadingDone::class,
        Events\ReadingMore::class => Handlers\OnReadingMore::class,
        Events\MeshRead::class => JudgeReading::class,
    ];

    public function register(): void
    {
        $this->app->scoped(CurrentCompany::class);
        if (PHP_SAPI === 'fpm-fcgi') {
            // A web worker keeps its connection for the next request; PDO rolls back what one left open.
            config(['database.connections.mariadb.options.'.PDO::ATTR_PERSISTENT => true]);
        }
    }

    public function boot(): void
    {
        Carbon::macro('onSite', fn (): Carbon => $this->copy()->setTimezone(config('kavvel.time_zone')));
        Model::preventLazyLoading();
        Model::preventSilentlyDiscardingAttributes();
        Gate::policy(SiteJob::class, SiteJobPolicy::class);
        Profile::saved(static fn (Profile $profile) => Catalogue::changed($profile->company_id));
        Blade::directive('chip', static fn (string $protocol): string => "<?php echo \\App\\Plan\\Chip::html({$protocol}); ?>");
        foreach (self::GATEWAY_EVENTS as $event => $handler) {
            Event::listen($event, $handler);
        }
        Session::extend('files', static fn (Application $app): SessionFiles => new SessionFiles(
            $app->make('files'),
            (string) config('session.files'),
            (int) config('session.lifetime'),
        ));
        Event::listen(Login::class, static function (Login $login): void {
            if ($login->user instanceof User) {
                SessionEra::begin(session()->driver(), $login->user);
            }
        });
        Event::listen(
            Looping::class,
            static fn (Looping $work) => Heartbeat::of($work->queue === OutsideCommand::QUEUE ? Part::Commands : Part::Queue),
        );
    }
}
