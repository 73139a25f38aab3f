<x-message title="Back in a moment">Stone Drill is being looked after.</x-message>
