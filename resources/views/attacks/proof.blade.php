@if ($lines === [])
    <p>Nobody has been recorded against it at the goal rung of their rank.</p>
@else
    <table class="table table-sm"><thead><tr><th scope="col">Who</th>@if ($hasSides)<th scope="col">Side</th>@endif<th scope="col">Proof, an estimate</th></tr></thead><tbody>
        @foreach ($lines as $row)<tr><th scope="row"><a href="{{ route('students.show', $row['id']) }}">{{ $row['line']->student->name }}</a></th>@if ($hasSides)<td>{{ $row['line']->cell->side->value === 'written' ? 'as written' : 'mirrored' }}</td>@endif<td><span class="proof-sign {{ $row['line']->state->value }}" aria-hidden="true">{{ ['holds' => '✓', 'building' => '◔', 'failing' => '✕', 'faded' => '~', 'untried' => '·'][$row['line']->state->value] }}</span> {{ $row['line']->says() }}</td></tr>@endforeach
    </tbody></table>
@endif
<p class="form-text">{{ $untried }} {{ Str::plural('person', $untried) }} untried.</p>
