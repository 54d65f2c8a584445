<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\SharedClasses;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Routing\Router;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class SharedClassesTest extends TestCase
{
    public function test_what_pages_need_of_the_libraries_is_listed_and_nothing_of_ours(): void
    {
        $classes = app(SharedClasses::class)->list();

        self::assertContains(Router::class, $classes);
        self::assertContains(Builder::class, $classes);
        self::assertSame([], preg_grep('/^(App|Kavvel)\\\\|\\\\Console\\\\/', $classes));
    }

    public function test_php_loads_the_list_and_passes_over_what_is_no_longer_there(): void
    {
        $list = (string) tempnam(sys_get_temp_dir(), 'kavvel');
        file_put_contents($list, Router::class."\nIlluminate\\Gone\n");
        $preload = base_path('deploy/preload.php');
        $php = new Process(
            [PHP_BINARY, '-r', "require '{$preload}'; echo json_encode(class_exists(".Router::class.'::class, false));'],
            env: ['KAVVEL_SHARED_CLASSES' => $list],
        );

        self::assertSame('true', $php->mustRun()->getOutput());
        unlink($list);
        self::assertSame('false', $php->mustRun()->getOutput());
    }
}
