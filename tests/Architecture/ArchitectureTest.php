<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may import whom; the static analysis fails the build where one does otherwise. */
final class ArchitectureTest
{
    /** From the ground up: a folder may import from the floors below its own, so that no ring can come about. */
    private const CORE_FLOORS = [
        ['Input', 'Daylight'], ['Bus', 'Codes', 'Protocol'], ['Site', 'Naming', 'Survey'], ['Floorplan', 'Radio'],
        ['Cabling', 'Catalogue', 'Mesh', 'Siting'],
        [
            'Calibrating', 'Circuits', 'Closing', 'Coverage', 'Drops', 'Existing', 'Handover', 'Heating', 'Measuring',
            'Pairing', 'Proving',
        ],
        ['Fit', 'Mending', 'Questions', 'Replacing', 'Wants', 'WhoIsWho'], ['Bridging'], ['JobFile', 'Van'], ['Cli'],
    ];

    private const STATIONS = ['Survey', 'Fit', 'Pair', 'Name', 'Mesh', 'Bridge', 'HandOver'];

    private const APP_FLOORS = [
        ['Tables', 'Vitals'], ['Tenancy', 'Idempotency'], ['Models'], ['Editing', 'Logbook', 'Outside', 'Plan', 'Policies'], ['Pictures'],
        ['JobFiles', 'JobSheet', 'Proving'],
        ['Bus', 'Catalogue', 'Codes', 'Existing', 'WhoIsWho'], ['Ecosystems', 'Gateway', 'Settings', 'Temporary'],
        ['Naming', 'Radio', 'Windows'], ['Bridging', 'Floorplan'], ['Matching'],
        ['JobList', 'SignIn', 'Stations'], ['Bench'], ['Http', 'Console'], ['Providers'],
    ];

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
            ->classes(
                Selector::inNamespace('Kavvel\Standin'),
                Selector::inNamespace('Kavvel\Core'),
                Selector::inNamespace('BaconQrCode'),
                Selector::isStandardClass(),
            )
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

    /** @return iterable<Rule> */
    public function test_no_folder_of_the_core_imports_one_above_it(): iterable
    {
        return $this->floors('Kavvel\Core', self::CORE_FLOORS);
    }

    /** @return iterable<Rule> */
    public function test_no_folder_of_the_application_imports_one_above_it(): iterable
    {
        return $this->floors('App', self::APP_FLOORS);
    }

    /** @return iterable<Rule> */
    public function test_a_station_knows_no_other_station(): iterable
    {
        return $this->floors('App\Stations', [self::STATIONS]);
    }

    public function test_controllers_ask_stations_and_not_the_rules(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Kavvel\Core\Mesh'),
                Selector::inNamespace('Kavvel\Core\Radio'),
                Selector::inNamespace('Kavvel\Core\Pairing'),
                Selector::inNamespace('Kavvel\Core\Naming'),
            )
            ->because('a controller has a handful of lines and no rule of the job');
    }

    /**
     * @param  list<list<string>>  $floors
     * @return iterable<Rule>
     */
    private function floors(string $root, array $floors): iterable
    {
        foreach ($floors as $at => $folders) {
            foreach ($folders as $folder) {
                $above = array_diff(array_merge(...array_slice($floors, $at)), [$folder]);
                if ($above !== []) {
                    yield PHPat::rule()
                        ->classes(Selector::inNamespace("{$root}\\{$folder}"))
                        ->shouldNotDependOn()
                        ->classes(...array_map(static fn (string $one) => Selector::inNamespace("{$root}\\{$one}"), array_values($above)))
                        ->because('it stands on a lower floor, or on the same one');
                }
            }
        }
    }
}
