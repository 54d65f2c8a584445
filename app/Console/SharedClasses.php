<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\StationList;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use ReflectionClass;

/**
 * Which of the libraries' classes pages need, found by showing some: `deploy/preload.php` loads them once for all. Our
 * own classes are not among them, so that a change of theirs shows without a new start.
 */
final readonly class SharedClasses
{
    public function __construct(private Kernel $kernel) {}

    /** @return list<class-string> */
    public function list(): array
    {
        config(['session.driver' => 'array']);
        $this->show('/sign-in');
        $job = SiteJob::query()->withoutGlobalScopes()->oldest('id')->first();
        $person = $job === null ? null : User::query()->where('company_id', $job->company_id)->oldest('id')->first();
        if ($job !== null && $person !== null) {
            Auth::setUser($person);
            array_map(fn (string $station) => $this->show("/jobs/{$job->key}/{$station}"), StationList::names());
        }

        return array_values(array_filter(
            [...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()],
            self::isShared(...),
        ));
    }

    private function show(string $page): void
    {
        $this->kernel->handle(Request::create($page));
    }

    /** @param class-string $class */
    private static function isShared(string $class): bool
    {
        $file = (string) (new ReflectionClass($class))->getFileName();

        return str_starts_with($file, base_path('vendor').'/') && ! str_contains($class, '\\Console\\');
    }
}
