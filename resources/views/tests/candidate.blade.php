<x-layout :title="$student->name.', '.__('tests.title', ['rank' => $test->rank->name, 'day' => school_time($test->at, 'j M Y')])">
<x-heading :title="$student->name">
    <x-slot:beside><span class="tag">{{ __('tests.title', ['rank' => $test->rank->name,
        'day' => school_time($test->at, 'j M Y')]) }}</span></x-slot>
    <x-button size="sm" :href="route('tests.show', $test)">{{ __('words.back') }}</x-button>
</x-heading>
<p class="lead-line"><x-test-rule :school="$test->school"/></p>
@php($result = $student->getRelation('pivot')->getAttribute('result'))
<x-invalid/>
<form method="post" action="{{ route('tests.mark', [$test, $student]) }}">
    @csrf
    @method('put')
    <div class="table-wide">
    <x-table :head="array_values(texts('tests.items-columns'))">
        @foreach ($test->items as $item)
            @php($attempt = $sheet->attempt($item))
            @php($own = $sheet->own($item, $examiner))
            @php($showings = App\View\Tests\Showings::names($test, $student, $attempt))
            <tr>
                <td>{{ $loop->iteration }}</td>
                <th scope="row">{{ $item->title() }}
                    @if ($item->attack->critical)<span class="tag tag-critical">{{ __('tests.critical') }}</span>@endif</th>
                <td>{{ $item->rung }}</td>
                <td class="mark-cell">
                    <x-hidden :values="['marks['.$item->id.'][item]' => $item->id, 'marks['.$item->id.'][student]' => $student->id]"/>
                    <x-select name="marks[{{ $item->id }}][outcome]" :id="'outcome-'.$item->id" small
                        :aria-label="$item->title().': '.__('tests.fields.outcome')" :value="$own?->outcome->value"
                        :options="['' => __('tests.not-seen')] + App\View\Tests\Outcomes::names()"/>
                    @if (count($showings) > 1)
                        <x-select name="marks[{{ $item->id }}][attempt]" :id="'attempt-'.$item->id" small
                            :aria-label="$item->title().': '.__('tests.attempt')" :value="$attempt" :options="$showings"/>
                    @else
                        <x-hidden :values="['marks['.$item->id.'][attempt]' => 1]"/>
                    @endif
                </td>
                <td><x-input name="marks[{{ $item->id }}][remark]" :id="'remark-'.$item->id" maxlength="500"
                    :aria-label="$item->title().': '.__('tests.fields.remark')" :value="$own?->remark"/></td>
                <td>{{ $sheet->said($item) }}</td>
            </tr>
        @endforeach
    </x-table>
    </div>
    @if ($test->solos->isNotEmpty())
        <h2>{{ __('solos.title') }}</h2>
        <p class="form-text">{{ __('tests.solo-rule') }}</p>
        <div class="table-wide">
        <x-table :head="array_values(texts('tests.solo-columns'))">
            @foreach ($test->solos as $solo)
                <tr>
                    <th scope="row"><a href="{{ route('basics.show', $solo) }}">{{ $solo->name }}</a></th>
                    <td class="mark-cell">
                        <x-hidden :values="['marks[solo-'.$solo->id.'][solo]' => $solo->id, 'marks[solo-'.$solo->id.'][attempt]' => 1,
                            'marks[solo-'.$solo->id.'][student]' => $student->id]"/>
                        <x-select name="marks[solo-{{ $solo->id }}][mark]" :id="'solo-'.$solo->id" small
                            :aria-label="$solo->name.': '.__('solos.mark')" :value="$sheet->ownSolo($solo, $examiner)?->mark->value"
                            :options="['' => __('tests.not-seen')] + texts('solos.marks')"/>
                    </td>
                    <td>{{ $sheet->saidOfSolo($solo) }}</td>
                </tr>
            @endforeach
        </x-table>
        </div>
    @endif
    @if ($result === 'passed')
        <p class="form-text">{{ __('tests.closed') }}</p>
    @else
        <x-button kind="rust">{{ __('tests.save') }}</x-button>
    @endif
</form>
<h2 id="decision">{{ __('tests.decision') }}</h2>
@can('decide', $test)
    @foreach ($sheet->differing() as $item)
        <form method="post" action="{{ route('tests.settle', [$test, $student, $item]) }}" class="search-row slab mb-2">
            @csrf
            @method('put')
            <x-hidden :values="['attempt' => $sheet->attempt($item)]"/>
            <p class="mb-0"><strong>{{ $item->title() }}</strong> {{ __('tests.differs') }} {{ $sheet->said($item) }}</p>
            <x-select name="outcome" :id="'settle-'.$item->id" small :aria-label="$item->title()"
                :options="App\View\Tests\Outcomes::names()"/>
            <x-button size="sm">{{ __('tests.settle') }}</x-button>
        </form>
    @endforeach
@endcan
<p>{{ $sheet->text() }}@if ($sheet->isMarked() && $sheet->retest() !== []): {{ implode(', ', $sheet->retest()) }}@endif</p>
@if ($result)
    <p><strong>{{ __('tests.decided') }}: {{ $result === 'passed' ? __('tests.states.passed') : $sheet->text() }}</strong></p>
    @if ($result === 'passed')
        <x-button :href="route('tests.certificate', [$test, $student])">{{ __('tests.certificate') }}</x-button>
    @endif
@endif
@can('decide', $test)
    @if ($result !== 'passed')
        <form method="post" action="{{ route('tests.decide', [$test, $student]) }}" class="search-row">
            @csrf
            <x-field name="retest_on" :label="__('tests.retest-on')"><x-input name="retest_on" type="date"
                :value="old('retest_on', $student->getRelation('pivot')->getAttribute('retest_on'))"/></x-field>
            <x-button kind="rust">{{ __('tests.decide') }}</x-button>
        </form>
    @endif
    @if ($result)
        <form method="post" action="{{ route('tests.reopen', [$test, $student]) }}" class="mt-2">
            @csrf
            @method('delete')
            <x-button>{{ __('tests.reopen') }}</x-button>
        </form>
    @endif
@endcan
</x-layout>
