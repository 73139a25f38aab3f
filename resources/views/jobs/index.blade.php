<x-layout :title="__('jobs.title')">
<h1>{{ __('jobs.title') }}</h1>
<p class="lead-line">{{ __('jobs.lead') }}</p>
@include('board.progress')
<section id="jobs" @if ($open !== []) hx-get="{{ route('jobs.index') }}" hx-select="#jobs" hx-trigger="load delay:2s"
    hx-swap="outerHTML" @endif aria-live="polite">
<h2>{{ __('jobs.open') }}</h2>
@if ($open === [])
    <x-empty :title="__('jobs.none')" :text="__('jobs.none-help')"/>
@else
<x-table :head="array_values(texts('jobs.columns.open'))">
    @foreach ($open as $job)
        <tr>
            <th scope="row">{{ $job['name'] }}</th>
            <td>{{ __($job['isAtWork'] ? 'jobs.at-work' : 'jobs.waits') }}</td>
            <td>{{ school_time($job['since']) }}</td>
        </tr>
    @endforeach
</x-table>
@endif
@if ($failed !== [])
<h2>{{ __('jobs.failed') }}</h2>
<x-table :head="array_values(texts('jobs.columns.failed'))">
    @foreach ($failed as $job)
        <tr>
            <th scope="row">{{ $job['name'] }}</th>
            <td>{{ school_time($job['at']) }}</td>
            <td>{{ $job['why'] }}</td>
            <td><div class="d-flex gap-2">
                <form method="post" action="{{ route('jobs.retry', $job['id']) }}">@csrf
                    <x-button size="sm" :aria-label="__('jobs.retry-name', ['name' => $job['name']])">
                        {{ __('jobs.retry') }}</x-button></form>
                <x-delete :action="route('jobs.destroy', $job['id'])" :text="__('jobs.forget')"
                    :label="__('jobs.forget-name', ['name' => $job['name']])" :question="__('jobs.forget-question')"/>
            </div></td>
        </tr>
    @endforeach
</x-table>
@endif
</section>
</x-layout>
