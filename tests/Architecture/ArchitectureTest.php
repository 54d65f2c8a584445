<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may import whom; the static analysis fails the build where one does otherwise. */
final class ArchitectureTest
{
    public function test_the_core_imports_nothing_but_php(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Kavvel\Core'))
            ->excluding(Selector::inNamespace('Kavvel\Core\Tests'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Kavvel\Core'), Selector::isStandardClass())
            ->because('the rules of the job know no framework, no database and no clock');
    }

    public function test_the_stand_in_imports_the_core_only(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Kavvel\Standin'))
            ->excluding(Selector::inNamespace('Kavvel\Standin\Tests'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Kavvel\Standin'), Selector::inNamespace('Kavvel\Core'), Selector::inNamespace('BaconQrCode'), Selector::isStandardClass())
            ->because('the outside world is not part of the application');
    }

    public function test_the_application_never_imports_the_stand_in(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Kavvel\Standin'))
            ->because('it reaches a gateway over HTTP, and nothing else');
    }

    public function test_controllers_ask_stations_and_not_the_rules(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Kavvel\Core\Mesh'), Selector::inNamespace('Kavvel\Core\Radio'), Selector::inNamespace('Kavvel\Core\Pairing'), Selector::inNamespace('Kavvel\Core\Naming'))
            ->because('a controller has a handful of lines and no rule of the job');
    }
}
