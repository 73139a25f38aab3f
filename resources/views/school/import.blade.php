<x-layout :title="__('school.import.title')">
<h1>{{ $name }}</h1>
@if ($problems !== [])
    <div class="flash flash-error" role="alert"><strong>{{ __('school.import.nothing') }}</strong> {{ trans_choice('school.import.problems',
        count($problems)) }}</div>
    <x-table :head="array_values(texts('school.import.problem-columns'))">
        @foreach ($problems as $problem)
            <tr>
                <th scope="row"><code>{{ $problem->pointer }}</code> {{ implode(', ', array_map(say(...), $problem->place())) }}</th>
                <td>{{ $problem->found }}</td>
                <td>{{ $problem->expected }}@if ($problem->nearest).
                    {{ __('answers.did-you-mean') }} <strong>{{ $problem->nearest }}</strong>?@endif</td>
            </tr>
        @endforeach
    </x-table>
    <x-button kind="rust" :href="route('school').'#file'">{{ __('school.import.choose-again') }}</x-button>
@else
    <p class="lead-line">{{ __('school.import.lead') }}</p>
    <x-table class="w-auto" :head="array_values(texts('school.import.columns'))">
        @foreach ($sections as $section => $counts)
            <tr>
                <th scope="row">{{ __('school.import.sections.'.$section) }}</th>
                <td>{{ $counts['added'] }}</td><td>{{ $counts['changed'] }}</td><td>{{ $counts['same'] }}</td>
            </tr>
        @endforeach
    </x-table>
    @if ($notices !== [])
        <ul class="form-text">@foreach ($notices as $notice)<li>{{ say($notice) }}</li>@endforeach</ul>
    @endif
    <form method="post" action="{{ route('import.store', $token) }}">
        @csrf
        <x-button kind="rust">{{ __('words.import') }}</x-button>
        <x-button :href="route('school').'#file'">{{ __('words.cancel') }}</x-button>
    </form>
@endif
</x-layout>
