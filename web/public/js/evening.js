import "kettle/bench_time.js";
import { live } from "kettle/live.js";

live(document.getElementById("plan"));
