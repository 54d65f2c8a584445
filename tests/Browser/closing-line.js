// Ends the run with one plain line.
export default class ClosingLine {
    passed = 0;

    failed = 0;

    onTestEnd(test, result) {
        if (result.status === 'passed') this.passed += 1;
        else if (result.status !== 'skipped') this.failed += 1;
    }

    onEnd() {
        console.log(`${this.passed} passed, ${this.failed} failed`);
    }

    printsToStdio() {
        return false;
    }
}
