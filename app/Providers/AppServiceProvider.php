<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\Heartbeat;
use App\JobSheet\Catalogue;
use App\Models\Profile;
use App\Models\SiteJob;
use App\Policies\SiteJobPolicy;
use App\Tenancy\CurrentCompany;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(CurrentCompany::class);
    }

    public function boot(): void
    {
        Carbon::macro('onSite', fn (): Carbon => $this->copy()->setTimezone(config('kavvel.time_zone')));
        Model::preventLazyLoading();
        Model::preventSilentlyDiscardingAttributes();
        Gate::policy(SiteJob::class, SiteJobPolicy::class);
        Profile::saved(static fn (Profile $profile) => Catalogue::forget($profile->company_id));
        Blade::directive('chip', static fn (string $protocol): string => "<?php echo \\App\\Plan\\Chip::html({$protocol}); ?>");
        Event::listen(Looping::class, static fn () => Heartbeat::of('queue'));
    }
}
