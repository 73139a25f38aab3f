@if ($lines === [])
    <p>Nobody has been recorded against it at the goal rung of their rank.</p>
@else
    <table class="table table-sm"><thead><tr><th scope="col">Who</th>@if ($hasSides)<th scope="col">Side</th>@endif<th scope="col">Proof, an estimate</th></tr></thead><tbody>
        @foreach ($lines as $row)<tr><th scope="row"><a href="{{ route('students.show', $row['id']) }}">{{ $row['line']->student->name }}</a></th>@if ($hasSides)<td>{{ $row['line']->side->value === 'written' ? 'as written' : 'mirrored' }}</td>@endif<td><span class="proof-sign {{ $row['line']->state->value }}" aria-hidden="true">{{ $row['line']->state->sign() }}</span> {{ $row['line']->says() }}</td></tr>@endforeach
    </tbody></table>
@endif
<p class="form-text">{{ $untried }} of {{ $people }} untried{{ $people < $all ? ', of those who were here last' : '' }}.</p>
@if ($timed->rungs !== [])
    <h3>Timed from call to finish</h3>
    <table class="table table-sm"><thead><tr><th scope="col">Rung</th><th scope="col">Tries</th><th scope="col">Middle</th><th scope="col">Half lie between</th><th scope="col">The model</th></tr></thead><tbody>
        @foreach ($timed->rungs as $rung)<tr><th scope="row">{{ $rung['rung'] }}</th><td>{{ $rung['count'] }}</td><td>{{ number_format($rung['middle'], 1) }} s</td><td>{{ number_format($rung['low'], 1) }} and {{ number_format($rung['high'], 1) }} s</td><td>{{ $rung['model'] === null ? 'no answer' : number_format($rung['model'], 1).' s' }}</td></tr>@endforeach
    </tbody></table>
    <p class="form-text">The model adds up reaction and beats of the first answer at the rung’s pace: an estimate.</p>
@endif
