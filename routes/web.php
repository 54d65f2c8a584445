<?php

declare(strict_types=1);

use App\Bench\StationList;
use App\Http\Controllers\Account;
use App\Http\Controllers\Bench;
use App\Http\Controllers\Bridge;
use App\Http\Controllers\Catalogue;
use App\Http\Controllers\Fit;
use App\Http\Controllers\HandOver;
use App\Http\Controllers\Jobs;
use App\Http\Controllers\Mesh;
use App\Http\Controllers\Name;
use App\Http\Controllers\Pair;
use App\Http\Controllers\Survey;
use App\Http\Controllers\Vitals;
use App\Http\Middleware\AnswerAtOnce;
use App\Http\Middleware\ConfirmSave;
use App\Http\Middleware\LeaveEndedSession;
use App\Http\Middleware\TouchJob;
use App\Idempotency\StoreOnce;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/jobs');
Route::get('/up', Vitals\VitalsController::class)->withoutMiddleware('web')->name('up');

Route::middleware('guest')->controller(Account\SessionController::class)->group(static function (): void {
    Route::get('/sign-in', 'create')->name('sign-in');
    Route::post('/sign-in', 'store');
});

$signedIn = ['auth', LeaveEndedSession::class, 'company', AnswerAtOnce::class, ConfirmSave::class, StoreOnce::class];
Route::middleware($signedIn)->group(static function (): void {
    Route::post('/sign-out', [Account\SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/bare', Account\BareController::class)->name('bare');
    Route::put('/keys', [Account\SingleKeysController::class, 'update'])->name('keys.update');
    Route::get('/people', [Account\PeopleController::class, 'index'])->name('people.index');
    Route::delete('/people/{user}/sessions', [Account\PeopleController::class, 'destroySessions'])->whereNumber('user')
        ->name('people.sessions.destroy');
    Route::put('/company', [Account\CompanyController::class, 'update'])->name('company.update');

    Route::get('/catalogue', [Catalogue\CatalogueController::class, 'index'])->name('catalogue.index');
    Route::get('/catalogue.json', [Catalogue\CatalogueController::class, 'export'])->name('catalogue.export');
    Route::post('/catalogue', [Catalogue\CatalogueController::class, 'store'])->name('catalogue.store');
    Route::post('/catalogue/standard', [Catalogue\StandardController::class, 'store'])->name('catalogue.standard.store');
    Route::get('/catalogue/bridges/{bridgeSheet:id}', [Catalogue\BridgeSheetController::class, 'show'])->name('catalogue.bridges.show');
    Route::put('/catalogue/bridges/{bridgeSheet:id}', [Catalogue\BridgeSheetController::class, 'update'])->name('catalogue.bridges.update');
    Route::post('/catalogue/bridges/{bridgeSheet:id}/copies', [Catalogue\BridgeSheetController::class, 'copy'])
        ->name('catalogue.bridges.copy');
    Route::get('/catalogue/{profile:key}', [Catalogue\CatalogueController::class, 'show'])->name('catalogue.show');
    Route::put('/catalogue/{profile:key}', [Catalogue\CatalogueController::class, 'update'])->name('catalogue.update');
    Route::post('/catalogue/{profile:key}/copies', [Catalogue\CatalogueController::class, 'copy'])->name('catalogue.copy');

    Route::get('/jobs', [Jobs\JobController::class, 'index'])->name('jobs.index');
    Route::post('/jobs', [Jobs\JobController::class, 'store'])->name('jobs.store');
    Route::post('/job-files', [Jobs\JobFileController::class, 'store'])->name('job-files.store');

    $ofJob = Route::prefix('/jobs/{job}')->name('jobs.')->middleware(['can:view,job', TouchJob::class])->scopeBindings();
    $ofJob->group(static function (): void {
        Route::get('/', [Jobs\JobController::class, 'show'])->name('show');
        foreach (StationList::names() as $station) {
            Route::get("/{$station}", Bench\StationController::class)->defaults('station', $station)->name($station);
        }
        Route::get('/export', [Jobs\JobFileController::class, 'show'])->name('export');
        Route::get('/plan/{storey:key}.svg', Bench\PlanController::class)->name('plan');
        Route::get('/point-steps/{pointStep:id}', [Survey\PointStepController::class, 'show'])->name('point-steps.show');
        Route::get('/van', Fit\VanTableController::class)->name('van');
        Route::get('/cables', Survey\CableTableController::class)->name('cables');
        Route::get('/mesh-readings/{meshReading:id}/file', [Mesh\ReadingFileController::class, 'show'])
            ->name('mesh-readings.file.show');
        Route::get('/slots/{slot}/found-picture', [Fit\FoundPictureController::class, 'show'])->name('slots.found-picture.show');
        Route::get('/calendar.ics', Survey\CalendarController::class)->name('calendar');
        Route::get('/underlays/{storey:key}', [Survey\UnderlayController::class, 'show'])->name('underlays.show');
        Route::get('/logbook', [Bench\LogbookController::class, 'index'])->name('logbook');
        Route::get('/snags', [Bench\SnagController::class, 'index'])->name('snags');
        Route::get('/find', Bench\FindController::class)->name('find');
        Route::get('/slots/{slot}/name', [Name\SlotNameController::class, 'show'])->name('slots.name.show');
        Route::get('/name-batches/{nameBatch:id}.csv', [Name\NameBatchController::class, 'show'])->name('name-batches.show');
        Route::get('/packs/{pack:number}', [HandOver\PackController::class, 'show'])->name('packs.show');

        Route::middleware('can:editClient,job')->group(static function (): void {
            Route::get('/forms/client', [Bench\FormController::class, 'client'])->name('forms.client');
            Route::put('/client', [Jobs\ClientController::class, 'update'])->name('client.update');
            Route::put('/visit', [Jobs\VisitController::class, 'update'])->name('visit.update');
        });

        Route::middleware('can:work,job')->group(static function (): void {
            Route::post('/logbook', [Bench\LogbookController::class, 'store'])->name('logbook.store');
            Route::post('/snags', [Bench\SnagController::class, 'store'])->name('snags.store');
            Route::put('/snags/{snag:key}', [Bench\SnagController::class, 'update'])->name('snags.update');
            Route::post('/temporary-states', [Bench\TemporaryStateController::class, 'store'])->name('temporary-states.store');
            Route::delete('/temporary-states/{temporaryState:key}', [Bench\TemporaryStateController::class, 'destroy'])
                ->name('temporary-states.destroy');
            Route::put('/slots/{slot}/settings', [Bench\SettingController::class, 'update'])->name('slots.settings.update');
            Route::post('/slots/{slot}/references', [Name\ReferenceController::class, 'store'])->name('slots.references.store');
            Route::post('/slots/{slot}/proofs', [Bench\ProofController::class, 'store'])->name('slots.proofs.store');
            Route::delete('/slots/{slot}/proofs', [Bench\ProofController::class, 'destroy'])->name('slots.proofs.destroy');
            Route::post('/slots/{slot}/proof-commands', [
                Bench\ProofCommandController::class, 'store',
            ])->name('slots.proof-commands.store');
            Route::post('/slots/{slot}/credentials', [Bench\CredentialController::class, 'store'])->name('slots.credentials.store');
            Route::post('/slots/{slot}/credentials/{credential:id}', [Bench\CredentialController::class, 'show'])
                ->name('slots.credentials.show');

            Route::get('/forms/add-slot', [Bench\FormController::class, 'addSlot'])->name('forms.add-slot');
            Route::get('/forms/spot', Survey\SpotController::class)->name('forms.spot');
            Route::get('/forms/slots/{slot}', [Bench\FormController::class, 'editSlot'])->name('forms.edit-slot');
            Route::post('/questions', [Survey\QuestionController::class, 'store'])->name('questions.store');
            Route::put('/questions/{question:key}', [Survey\QuestionController::class, 'update'])->name('questions.update');
            Route::delete('/questions/{question:key}', [Survey\QuestionController::class, 'destroy'])->name('questions.destroy');
            Route::put('/questions/{question:key}/answer', [Survey\AnswerController::class, 'update'])->name('questions.answer.update');
            Route::delete('/questions/{question:key}/answer', [Survey\AnswerController::class, 'destroy'])
                ->name('questions.answer.destroy');
            Route::post('/plan-edits', [Survey\PlanEditController::class, 'store'])->name('plan-edits.store');
            Route::delete('/plan-edits/{planEdit:id}', [Survey\PlanEditController::class, 'destroy'])->name('plan-edits.destroy');
            Route::put('/plan-edits/{planEdit:id}', [Survey\PlanEditController::class, 'restore'])->name('plan-edits.restore');
            Route::post('/underlays/{storey:key}', [Survey\UnderlayController::class, 'store'])->name('underlays.store');
            Route::put('/underlays/{storey:key}', [Survey\UnderlayController::class, 'update'])->name('underlays.update');
            Route::delete('/underlays/{storey:key}', [Survey\UnderlayController::class, 'destroy'])->name('underlays.destroy');
            Route::post('/heard-networks', [Survey\HeardNetworkController::class, 'store'])->name('heard-networks.store');
            Route::delete('/heard-networks/{heardNetwork:key}', [Survey\HeardNetworkController::class, 'destroy'])
                ->name('heard-networks.destroy');
            Route::put('/hubs/{gateway:key}/radios', [Survey\HubRadioController::class, 'update'])->name('hubs.radios.update');
            Route::put('/networks/{network:id}/channel', [Survey\ChannelController::class, 'update'])->name('channels.update');
            Route::post('/room-tables', [Survey\RoomTableController::class, 'store'])->name('room-tables.store');
            Route::post('/wants', [Survey\WantController::class, 'store'])->name('wants.store');
            Route::delete('/wants', [Survey\WantController::class, 'destroy'])->name('wants.destroy');
            Route::post('/suggested-slots', [Survey\SuggestedSlotController::class, 'store'])->name('suggested-slots.store');
            Route::delete('/suggested-slots', [Survey\SuggestedSlotController::class, 'destroy'])->name('suggested-slots.destroy');
            Route::put('/suggested-slots', [Survey\SuggestedSlotController::class, 'restore'])->name('suggested-slots.restore');
            Route::post('/circuits', [Survey\CircuitController::class, 'store'])->name('circuits.store');
            Route::put('/circuits/{circuit}', [Survey\CircuitController::class, 'update'])->name('circuits.update');
            Route::delete('/circuits/{circuit}', [Survey\CircuitController::class, 'destroy'])->name('circuits.destroy');
            Route::post('/circuits/{circuit}/lamps', [Survey\LampsController::class, 'store'])->name('circuits.lamps.store');
            Route::delete('/circuits/{circuit}/lamps', [Survey\LampsController::class, 'destroy'])->name('circuits.lamps.destroy');
            Route::put('/circuits/{circuit}/choice', [Survey\CircuitChoiceController::class, 'update'])->name('circuits.choice.update');
            Route::post('/closings', [Survey\ClosingController::class, 'store'])->name('closings.store');
            Route::put('/closings/{closing:key}', [Survey\ClosingController::class, 'update'])->name('closings.update');
            Route::delete('/closings/{closing:key}', [Survey\ClosingController::class, 'destroy'])->name('closings.destroy');
            Route::post('/closings/{closing:key}/closed', [Survey\ClosedController::class, 'store'])->name('closings.closed.store');
            Route::delete('/closings/{closing:key}/closed', [Survey\ClosedController::class, 'destroy'])->name('closings.closed.destroy');
            Route::post('/point-steps', [Survey\PointStepController::class, 'store'])->name('point-steps.store');
            Route::delete('/point-steps', [Survey\PointStepController::class, 'destroy'])->name('point-steps.destroy');
            Route::post('/site-work', [Survey\SiteWorkController::class, 'store'])->name('site-work.store');
            Route::delete('/site-work/{tradeWork:id}', [Survey\SiteWorkController::class, 'destroy'])->name('site-work.destroy');
            Route::put('/site-work', [Survey\SiteWorkController::class, 'update'])->name('site-work.update');
            Route::put('/circuits/{circuit}/dark-doors', [Survey\DarkDoorController::class, 'update'])->name('circuits.dark-doors.update');
            Route::post('/key-uses', [Survey\KeyUseController::class, 'store'])->name('key-uses.store');
            Route::delete('/key-uses/{keyUse:id}', [Survey\KeyUseController::class, 'destroy'])->name('key-uses.destroy');
            Route::put('/rooms/{room:key}/heating', [Survey\RoomHeatingController::class, 'update'])->name('rooms.heating.update');
            Route::post('/existing', [Survey\ExistingDeviceController::class, 'store'])->name('existing.store');
            Route::put('/existing/{existingDevice:key}', [Survey\ExistingDeviceController::class, 'update'])->name('existing.update');
            Route::delete('/existing/{existingDevice:key}', [Survey\ExistingDeviceController::class, 'destroy'])->name('existing.destroy');
            Route::post('/existing/{existingDevice:key}/departure', [Survey\DepartureController::class, 'store'])
                ->name('existing.departure.store');
            Route::delete('/existing/{existingDevice:key}/departure', [Survey\DepartureController::class, 'destroy'])
                ->name('existing.departure.destroy');
            Route::post('/existing/{existingDevice:key}/slot', [Survey\ExistingSlotController::class, 'store'])
                ->name('existing.slot.store');
            Route::put('/measures', [Survey\MeasureController::class, 'update'])->name('measures.update');
            Route::delete('/measures', [Survey\MeasureController::class, 'destroy'])->name('measures.destroy');
            Route::put('/compass', [Survey\CompassController::class, 'update'])->name('compass.update');
            Route::put('/drop-code', [Survey\DropCodeController::class, 'update'])->name('drop-code.update');
            Route::put('/prices', [Survey\PricesController::class, 'update'])->name('prices.update');
            Route::put('/slots/{slot}/remote', [Survey\RemoteController::class, 'update'])->name('slots.remote.update');
            Route::put('/slots/{slot}/load', [Survey\PlugLoadController::class, 'update'])->name('slots.load.update');
            Route::post('/slots', [Survey\SlotController::class, 'store'])->name('slots.store');
            Route::put('/slots/{slot}', [Survey\SlotController::class, 'update'])->name('slots.update');
            Route::delete('/slots/{slot}', [Survey\SlotController::class, 'destroy'])->name('slots.destroy');
            Route::put('/slots/{slot}/removal', [Survey\SlotController::class, 'restore'])->withTrashed()->name('slots.restore');

            Route::put('/slots/{slot}/circuit', [Fit\SlotCircuitController::class, 'update'])->name('slots.circuit.update');
            Route::put('/slots/{slot}/box', [Fit\BoxController::class, 'update'])->name('slots.box.update');
            Route::post('/slots/{slot}/fit-changes', [Fit\FitChangeController::class, 'store'])->name('slots.fit-changes.store');
            Route::put('/slots/{slot}/switched-load', [Fit\SwitchedLoadController::class, 'update'])->name('slots.switched-load.update');
            Route::delete('/slots/{slot}/switched-load', [Fit\SwitchedLoadController::class, 'destroy'])
                ->name('slots.switched-load.destroy');
            Route::put('/slots/{slot}/other-device', [Fit\OtherDeviceController::class, 'update'])->name('slots.other-device.update');
            Route::post('/slots/{slot}/wires', [Fit\WireController::class, 'store'])->name('slots.wires.store');
            Route::put('/slots/{slot}/wires', [Fit\WireController::class, 'update'])->name('slots.wires.update');
            Route::delete('/slots/{slot}/wires', [Fit\WireController::class, 'destroy'])->name('slots.wires.destroy');
            Route::put('/slots/{slot}/two-way', [Fit\TwoWayController::class, 'update'])->name('slots.two-way.update');
            Route::delete('/slots/{slot}/two-way', [Fit\TwoWayController::class, 'destroy'])->name('slots.two-way.destroy');
            Route::post('/slots/{slot}/found-picture', [Fit\FoundPictureController::class, 'store'])->name('slots.found-picture.store');
            Route::delete('/slots/{slot}/fitting', [Fit\FittingController::class, 'destroy'])->name('slots.fitting.destroy');
            Route::post('/slots/{slot}/hang-steps', [Fit\HangStepController::class, 'store'])->name('slots.hang-steps.store');
            Route::delete('/slots/{slot}/hang-steps', [Fit\HangStepController::class, 'destroy'])->name('slots.hang-steps.destroy');
            Route::post('/circuits/{circuit}/acts', [Fit\CircuitActController::class, 'store'])->name('circuits.acts.store');
            Route::post('/circuits/{circuit}/wrong-breaker', [Fit\WrongBreakerController::class, 'store'])
                ->name('circuits.wrong-breaker.store');

            Route::post('/windows', [Pair\JoinWindowController::class, 'store'])->name('windows.store');
            Route::post('/gatherings', [Pair\GatheringController::class, 'store'])->name('gatherings.store');
            Route::post('/windows/{joinWindow:reference}/slots', [Pair\BatchController::class, 'store'])->name('windows.slots.store');
            Route::post('/exclusions', [Pair\ExclusionController::class, 'store'])->name('exclusions.store');
            Route::put('/slots/{slot}/hardware', [Pair\HardwareController::class, 'update'])->name('slots.hardware.update');
            Route::put('/slots/{slot}/hub', [Pair\SlotHubController::class, 'update'])->name('slots.hub.update');
            Route::post('/slots/{slot}/departure', [Pair\DepartureController::class, 'store'])->name('slots.departure.store');
            Route::delete('/windows/{joinWindow:reference}', [Pair\JoinWindowController::class, 'destroy'])->name('windows.destroy');
            Route::post('/hubs/{gateway:key}/secret', [Pair\HubSecretController::class, 'show'])->name('hubs.secret.show');
            Route::post('/hubs/{gateway:key}/nodes', [Pair\NodeListController::class, 'store'])->name('hubs.nodes.store');
            Route::put('/hubs/{gateway:key}/checks/{check}', [Pair\HubCheckController::class, 'update'])->name('hubs.checks.update');
            Route::delete('/hubs/{gateway:key}/checks/{check}', [Pair\HubCheckController::class, 'destroy'])->name('hubs.checks.destroy');
            Route::post('/slots/{slot}/keys', [Pair\LearnKeyController::class, 'store'])->name('slots.keys.store');
            Route::put('/slots/{slot}/keys', [Pair\LearnKeyController::class, 'update'])->name('slots.keys.update');
            Route::delete('/slots/{slot}/keys', [Pair\LearnKeyController::class, 'destroy'])->name('slots.keys.destroy');
            Route::post('/slots/{slot}/keys/listening', [Pair\LearnKeyListeningController::class, 'store'])
                ->name('slots.keys.listening.store');
            Route::delete('/slots/{slot}/keys/listening', [Pair\LearnKeyListeningController::class, 'destroy'])
                ->name('slots.keys.listening.destroy');
            Route::post('/slots/{slot}/keys/signals', [Pair\LearnKeySignalController::class, 'store'])->name('slots.keys.signals.store');
            Route::put('/slots/{slot}/learn-school', [Pair\LearnSchoolController::class, 'update'])->name('slots.learn-school.update');
            Route::post('/bus', [Pair\BusController::class, 'store'])->name('bus.store');
            Route::put('/bus', [Pair\BusController::class, 'update'])->name('bus.update');
            Route::post('/bus/listening', [Pair\BusListeningController::class, 'store'])->name('bus.listening.store');
            Route::delete('/bus/listening', [Pair\BusListeningController::class, 'destroy'])->name('bus.listening.destroy');
            Route::post('/bus/telegrams', [Pair\BusTelegramController::class, 'store'])->name('bus.telegrams.store');
            Route::post('/bus/devices', [Pair\BusDeviceController::class, 'store'])->name('bus.devices.store');
            Route::post('/codes', [Pair\CodeController::class, 'store'])->name('codes.store');
            Route::put('/codes/{credential:id}', [Pair\CodeController::class, 'update'])->name('codes.update');
            Route::delete('/codes/{credential:id}', [Pair\CodeController::class, 'destroy'])->name('codes.destroy');
            Route::post('/slots/{slot}/code', [Pair\SlotCodeController::class, 'store'])->name('slots.code.store');
            Route::delete('/slots/{slot}/code/{credential:id}', [Pair\SlotCodeController::class, 'destroy'])->name('slots.code.destroy');
            Route::post('/attempts/{pairAttempt:id}/pin', [Pair\PinController::class, 'store'])->name('attempts.pin.store');
            Route::put('/attempts/{pairAttempt:id}', [Pair\PairAttemptController::class, 'update'])->name('attempts.update');
            Route::post('/slots/{slot}/put-off', [Pair\PutOffController::class, 'store'])->name('slots.put-off');
            Route::post('/slots/{slot}/node', [Pair\NodeMatchController::class, 'store'])->name('slots.node.store');
            Route::delete('/slots/{slot}/node', [Pair\NodeMatchController::class, 'destroy'])->name('slots.node.destroy');
            Route::post('/placements', [Pair\PlacementController::class, 'storeAll'])->name('placements.store');
            Route::post('/slots/{slot}/placement', [Pair\PlacementController::class, 'store'])->name('slots.placement.store');
            Route::delete('/slots/{slot}/placement', [Pair\PlacementController::class, 'destroy'])->name('slots.placement.destroy');
            Route::post('/slots/{slot}/hand-pairing', [Pair\HandPairingController::class, 'store'])->name('slots.hand-pairing.store');

            Route::put('/slots/{slot}/name', [Name\SlotNameController::class, 'update'])->name('slots.name.update');
            Route::post('/name-batches', [Name\NameBatchController::class, 'store'])->name('name-batches.store');
            Route::delete('/name-batches/{nameBatch:id}', [Name\NameBatchController::class, 'destroy'])->name('name-batches.destroy');
            Route::put('/name-rules', [Name\NameRulesController::class, 'update'])->name('name-rules.update');
            Route::put('/leftovers/{node:id}', [Name\LeftoverController::class, 'update'])->name('leftovers.update');
            Route::delete('/leftovers/{node:id}', [Name\LeftoverController::class, 'destroy'])->name('leftovers.destroy');
            Route::post('/places', [Name\PlaceController::class, 'store'])->name('places.store');
            Route::delete('/places/{planEdit:id}', [Name\PlaceController::class, 'destroy'])->name('places.destroy');
            Route::post('/listenings', [Name\ListeningController::class, 'store'])->name('listenings.store');
            Route::put('/listenings/{listening:id}', [Name\ListeningController::class, 'update'])->name('listenings.update');
            Route::delete('/listenings/{listening:id}', [Name\ListeningController::class, 'destroy'])->name('listenings.destroy');
            Route::post('/listenings/{listening:id}/match', [Name\ListeningMatchController::class, 'store'])
                ->name('listenings.match.store');
            Route::post('/sure-matches', [Name\SureMatchController::class, 'store'])->name('sure-matches.store');
            Route::post('/nodes/{node:id}/blinks', [Name\BlinkController::class, 'store'])->name('nodes.blinks.store');
            Route::put('/slots/{slot}/node', [Name\CarryController::class, 'update'])->name('slots.node.update');
            Route::get('/slots/{slot}/replacement', [Pair\ReplacementController::class, 'show'])->name('slots.replacement.show');
            Route::post('/slots/{slot}/replacement', [Pair\ReplacementController::class, 'store'])->name('slots.replacement.store');

            Route::put('/bridge-policy', [Bridge\PolicyController::class, 'update'])->name('bridge-policy.update');
            Route::post('/link-acts', [Bridge\LinkActController::class, 'store'])->name('link-acts.store');
            Route::delete('/bridge-links/{bridgeLink:id}/acts', [Bridge\LinkActController::class, 'destroy'])
                ->name('link-acts.destroy');
            Route::delete('/bridge-links/{bridgeLink:id}', [Bridge\LinkController::class, 'destroy'])->name('bridge-links.destroy');
            Route::post('/bridge-links/{bridgeLink:id}/migration', [Bridge\MigrationController::class, 'store'])
                ->name('bridge-links.migration.store');
            Route::put('/bridge-links/{bridgeLink:id}/migration', [Bridge\MigrationController::class, 'update'])
                ->name('bridge-links.migration.update');
            Route::post('/crossings', [Bridge\CrossingController::class, 'store'])->name('crossings.store');
            Route::delete('/crossings', [Bridge\CrossingController::class, 'destroy'])->name('crossings.destroy');
            Route::post('/wrappers', [Bridge\WrapperController::class, 'store'])->name('wrappers.store');
            Route::delete('/wrappers/{wrapper:id}', [Bridge\WrapperController::class, 'destroy'])->name('wrappers.destroy');
            Route::post('/wrappers/{wrapper:id}/readings', [Bridge\EndReadingController::class, 'store'])->name('wrappers.readings.store');
            Route::delete('/wrappers/{wrapper:id}/readings', [Bridge\EndReadingController::class, 'destroy'])
                ->name('wrappers.readings.destroy');
            Route::post('/wrappers/{wrapper:id}/made', [Bridge\MadeWrapperController::class, 'store'])->name('wrappers.made.store');
            Route::post('/openings', [Bridge\OpeningController::class, 'store'])->name('openings.store');
            Route::post('/link-tellings', [Bridge\LinkTellingController::class, 'store'])->name('link-tellings.store');
            Route::post('/link-delays', [Bridge\LinkDelayController::class, 'store'])->name('link-delays.store');
            Route::post('/link-keys', [Bridge\LinkKeyController::class, 'store'])->name('link-keys.store');
            Route::post('/bridge-links/{bridgeLink:id}/key', [Bridge\LinkKeyController::class, 'show'])->name('link-keys.show');
            Route::post('/told-losses', [Bridge\ToldLossController::class, 'store'])->name('told-losses.store');
            Route::post('/ecosystems', [Bridge\EcosystemController::class, 'store'])->name('ecosystems.store');
            Route::put('/ecosystems/{ecosystem:key}', [Bridge\EcosystemController::class, 'update'])->name('ecosystems.update');
            Route::delete('/ecosystems/{ecosystem:key}', [Bridge\EcosystemController::class, 'destroy'])->name('ecosystems.destroy');
            Route::post('/bridge-boxes', [Bridge\BoxController::class, 'store'])->name('bridge-boxes.store');
            Route::put('/bridge-boxes/{bridgeBox:key}', [Bridge\BoxController::class, 'update'])->name('bridge-boxes.update');
            Route::delete('/bridge-boxes/{bridgeBox:key}', [Bridge\BoxController::class, 'destroy'])->name('bridge-boxes.destroy');
            Route::post('/bridge-boxes/{bridgeBox:key}/arrival', [Bridge\BoxArrivalController::class, 'store'])
                ->name('bridge-boxes.arrival.store');
            Route::put('/bridge-boxes/{bridgeBox:key}/list', [Bridge\BoxListController::class, 'update'])->name('bridge-boxes.list.update');
            Route::post('/bridge-boxes/{bridgeBox:key}/readings', [Bridge\PlaceReadingController::class, 'box'])
                ->name('bridge-boxes.readings.store');
            Route::post('/ecosystems/{ecosystem:key}/readings', [Bridge\PlaceReadingController::class, 'ecosystem'])
                ->name('ecosystems.readings.store');
            Route::post('/ecosystems/{ecosystem:key}/names', [Bridge\EcosystemNamesController::class, 'store'])
                ->name('ecosystems.names.store');
            Route::put('/ecosystems/{ecosystem:key}/names', [Bridge\EcosystemNamesController::class, 'update'])
                ->name('ecosystems.names.update');
            Route::post('/mesh-readings', [Mesh\MeshReadingController::class, 'store'])->name('mesh-readings.store');
            Route::post('/mesh-proposals', [Mesh\ProposalController::class, 'store'])->name('mesh-proposals.store');
            Route::delete('/mesh-proposals/{meshProposal:key}', [Mesh\ProposalController::class, 'destroy'])
                ->name('mesh-proposals.destroy');
            Route::post('/mesh-proposals/{meshProposal:key}/work', [Mesh\ProposalWorkController::class, 'store'])
                ->name('mesh-proposals.work.store');
            Route::post('/mesh-readings/files', [Mesh\ReadingFileController::class, 'store'])->name('mesh-readings.files.store');
            Route::post('/relays', [Mesh\RelayController::class, 'store'])->name('relays.store');
        });

        Route::middleware('can:lead,job')->group(static function (): void {
            Route::get('/forms/rules', [Bench\FormController::class, 'rules'])->name('forms.rules');
            Route::get('/forms/hubs', [Bench\FormController::class, 'hubs'])->name('forms.hubs');
            Route::put('/rules', [Survey\JobRulesController::class, 'update'])->name('rules.update');
            Route::post('/calibration', [Mesh\CalibrationController::class, 'store'])->name('calibration.store');
            Route::delete('/', [Jobs\ArchiveController::class, 'destroy'])->name('destroy');
            Route::put('/archive', [Jobs\ArchiveController::class, 'update'])->name('archive.update');
            Route::post('/hubs', [Jobs\HubController::class, 'store'])->name('hubs.store');
            Route::put('/hubs/{gateway:key}', [Jobs\HubController::class, 'update'])->name('hubs.update');
            Route::put('/bridge-boxes/{bridgeBox:key}/link', [Bridge\PlaceLinkController::class, 'linkBox'])
                ->name('bridge-boxes.link.update');
            Route::delete('/bridge-boxes/{bridgeBox:key}/link', [Bridge\PlaceLinkController::class, 'unlinkBox'])
                ->name('bridge-boxes.link.destroy');
            Route::put('/ecosystems/{ecosystem:key}/link', [Bridge\PlaceLinkController::class, 'linkEcosystem'])
                ->name('ecosystems.link.update');
            Route::delete('/ecosystems/{ecosystem:key}/link', [Bridge\PlaceLinkController::class, 'unlinkEcosystem'])
                ->name('ecosystems.link.destroy');
            Route::put('/gateway-events/{gatewayEvent:id}', [Jobs\GatewayEventController::class, 'update'])->name('gateway-events.update');
            Route::delete('/hubs/{gateway:key}', [Jobs\HubController::class, 'destroy'])->name('hubs.destroy');
            Route::post('/snags/{snag:key}/acceptance', [
                HandOver\SnagAcceptanceController::class, 'store',
            ])->name('snags.acceptance.store');
            Route::post('/packs', [HandOver\PackController::class, 'store'])->name('packs.store');
        });
    });
});
