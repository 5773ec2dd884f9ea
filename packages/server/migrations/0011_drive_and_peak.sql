ALTER TABLE "jobs" ADD COLUMN "drive" text;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "peak_amps" double precision;